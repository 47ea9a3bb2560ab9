import { describe, expect, it } from 'vitest'
import type { Plan } from '../plan'
import { ways } from '../recording'
import { examplePlan } from '../testing/examplePlan'
import { planDifferences } from '.'

const then = examplePlan()
const same = (name: string) => ({ id: name, name, how: '', was: null })

describe('what is different from last time', () => {
  it('is nothing where nothing was changed, whatever the way', () => {
    for (const { usualRecording: recording } of ways)
      expect(planDifferences({ ...then, recording }, { ...then, recording, title: 'Another' })).toEqual([])
  })

  const changes: [Partial<Plan>, string][] = [
    [{ levels: then.levels.slice(0, 2) }, 'The levels were 20, 40 and 60 cm; now they are 20 and 40 cm.'],
    [
      { measured: { ...then.measured, instrument: { ...then.measured.instrument, name: 'tape measure' } } },
      'It was read with: metre stick; now with: tape measure.',
    ],
    [{ tries: 2 }, 'There were 3 tries; now 2.'],
    [{ recording: { kind: 'count' } }, 'It was recorded like this: measure once; now: count.'],
    [{ keptSame: [...then.keptSame, same('floor')] }, 'New among what is kept the same: floor.'],
  ]
  it.each(changes)('is said of %j', (change, said) => {
    expect(planDifferences(then, { ...then, ...change })).toEqual([said])
  })

  it('says what is no longer kept the same', () => {
    const before = { ...then, keptSame: [same('ball'), same('floor')] }
    expect(planDifferences(before, { ...before, keptSame: [same('floor')] })).toEqual([
      'No longer kept the same: ball.',
    ])
  })

  it('says what is kept the same in another way', () => {
    const before = { ...then, keptSame: [same('ball')] }
    const after = { ...then, keptSame: [{ ...same('ball'), how: 'a new one each time' }] }
    expect(planDifferences(before, after)).toEqual(['Kept the same in another way: ball.'])
  })

  it('says nothing one by one of what hangs on another difference', () => {
    const now = {
      ...then,
      changed: { ...then.changed, name: 'ball' },
      levels: then.levels.slice(0, 2),
    }
    expect(planDifferences(then, now)).toEqual(['Last time drop height was changed; now it is ball.'])
  })
})
