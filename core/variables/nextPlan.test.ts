import { describe, expect, it } from 'vitest'
import { planLimits } from '../plan'
import { examplePlan, material } from '../testing/examplePlan'
import { nextPlan } from '.'

const bounce = examplePlan({
  ...{ title: 'Ball bounce', question: 'Does the drop height change the bounce?' },
  times: { setUp: 33 },
  expected: { first: 10, last: 30, apart: 2 },
  materials: [
    material({ id: 'tape', name: 'masking tape' }),
    material({ id: 'kit-level-h20', name: 'stand', level: 'h20' }),
  ],
  keptSame: [
    { id: 'ball', name: 'kind of ball', how: 'the same one', was: null },
    { id: 'place', name: 'place', how: 'at the wall', was: null },
  ],
})

describe('the plan of the next lesson', () => {
  it('changes what its question says, keeps the former change the same, and carries the rest over', () => {
    const next = nextPlan(bounce, 'Does the kind of ball change how high it bounces?')
    expect(next).toMatchObject({
      ...{ title: '', question: 'Does the kind of ball change how high it bounces?' },
      changed: { name: 'kind of ball', kind: 'kinds' },
      ...{ levels: [], expected: null, measured: bounce.measured, times: { setUp: 33 }, tries: bounce.tries },
    })
    expect(next.keptSame.map(({ name }) => name)).toEqual(['place', 'drop height'])
    expect(next.keptSame[1]!.was).toEqual({ changed: bounce.changed, levels: bounce.levels })
    expect(next.materials).toEqual(bounce.materials)
  })

  it('brings back the levels of what was changed in a lesson before', () => {
    const balls = nextPlan(bounce, 'Does the kind of ball change the bounce?')
    const again = nextPlan(
      { ...balls, levels: [{ id: 'a', name: 'sponge ball', value: null, baseline: false, picture: null }] },
      'Does the drop height change the bounce?',
    )
    expect(again).toMatchObject({ changed: bounce.changed, levels: bounce.levels })
    expect(again.keptSame.find(({ name }) => name === 'kind of ball')?.was?.levels).toHaveLength(1)
  })

  it('keeps its levels where the question changes the same, or says nothing that we can tell', () => {
    for (const question of ['What if we drop it from higher?', 'And then?', '']) {
      const next = nextPlan(bounce, question)
      expect(next.question).toBe(question)
      expect(next.measured).toEqual(bounce.measured)
    }
    expect(nextPlan(bounce, 'And then?').levels).toEqual(bounce.levels)
  })

  it('is nothing but the question where the board has no room, or a design is improved in rounds', () => {
    const question = 'Does the kind of ball change the bounce?'
    const keptSame = Array.from({ length: planLimits.keptSame }, (_, index) => ({
      ...{ id: `k${index}`, name: `thing ${index}`, how: '', was: null },
    }))
    const rounds = { ...bounce, recording: { kind: 'rounds' as const } }
    for (const plan of [{ ...bounce, keptSame }, rounds])
      expect(nextPlan(plan, question)).toEqual({ ...plan, title: '', question })
  })
})
