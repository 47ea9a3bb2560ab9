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

  it.each([
    ['Does the place change the bounce height?', 'place'],
    ['Would our place make a difference?', 'place'],
    ['Does the weather change the bounce height?', 'drop height'],
    ['Can it bounce in another place?', 'drop height'],
  ])('changes what was kept the same where it is what %j asks about', (question, name) => {
    expect(nextPlan(bounce, question).changed.name).toBe(name)
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

describe('other levels of the same change', () => {
  const levels = (question: string) => nextPlan(bounce, question).levels.map(({ value }) => value)

  it.each([
    ['What happens between 20 and 40 cm?', [20, 25, 30, 35, 40]],
    ['What happens to the bounce between 40 cm and 0.6 m?', [40, 45, 50, 55, 60]],
    ['What happens beyond 60 cm?', [40, 60, 80, 100]],
    ['Does it go on above 60?', [40, 60, 80, 100]],
  ])('are what %s asks for', (question, asked) => {
    expect(levels(question)).toEqual(asked)
    // What was tested before is the same level still.
    const known = new Map(bounce.levels.map(({ id, value }) => [value, id]))
    for (const { id, value } of nextPlan(bounce, question).levels)
      expect(id === known.get(value)).toBe(known.has(value))
  })

  it.each([
    'What happens between the wall and the door?',
    'What happens between 40 and 20 cm?',
    'What happens beyond 50 cm?',
    'Is the bounce over the line?',
    'What happens between 20 and 40 kg?',
  ])('are as before where %s asks for none', (question) => {
    expect(levels(question)).toEqual([20, 40, 60])
  })

  it('come with what is expected of them', () => {
    expect(nextPlan(bounce, 'What happens beyond 60 cm?').expected).toEqual({ first: 20, last: 50, apart: 2 })
  })

  it('are whole where things are counted', () => {
    const layers = { ...bounce, changed: { ...bounce.changed, name: 'layers', unit: 'count' as const } }
    expect(nextPlan(layers, 'What happens between 20 and 22?').levels.map(({ value }) => value)).toEqual([
      20, 21, 22,
    ])
    expect(nextPlan(layers, 'What happens between 20 and 21?').levels).toEqual(layers.levels)
  })
})
