import { describe, expect, it } from 'vitest'
import { scoredPlan, weighLesson } from '../comparison'
import { entry } from '../testing/exampleEntries'
import { kindsPlan } from '../testing/examplePlan'
import { typedFor } from '../testing/typedEntries'
import { comparePrediction, neighboursRight } from '.'

const race = kindsPlan(['tile', 'wood', 'carpet', 'cork'], {
  recording: { kind: 'race' },
  tries: 3,
  best: 'most',
})
const groups = ['leaf', 'bell', 'key', 'fish', 'moon', 'anchor']
const entries = groups.flatMap((groupId) =>
  [1, 2, 3].map((tryNumber) =>
    entry({
      ...{ groupId, levelId: null, tryNumber },
      fields: typedFor(race, { levelId: null, moment: '' }),
    }),
  ),
)
const scored = scoredPlan(race, entries)
const evidence = weighLesson(race, entries, groups)

describe('an order that was predicted of a race', () => {
  it.each([
    [['tile', 'wood', 'carpet', 'cork'], 3, 'as-predicted'],
    [['tile', 'wood', 'cork', 'carpet'], 2, 'nearly'],
    [['wood', 'tile', 'cork', 'carpet'], 1, 'surprised'],
    [['cork', 'carpet', 'wood', 'tile'], 0, 'surprised'],
  ])('%j has %d of 3 neighbours right: %s', (levelIds, right, outcome) => {
    expect(neighboursRight(scored, levelIds, evidence)).toEqual({ right, of: 3 })
    expect(comparePrediction(scored, { format: 'order', levelIds }, evidence)).toBe(outcome)
  })

  it('leaves out what nobody could tell apart, and what is no longer in the plan', () => {
    expect(neighboursRight(scored, ['tile', 'gone', 'wood'], evidence)).toEqual({ right: 0, of: 0 })
    const nothing = weighLesson(race, [], groups)
    expect(comparePrediction(scored, { format: 'order', levelIds: ['tile', 'wood'] }, nothing)).toBe('open')
  })
})
