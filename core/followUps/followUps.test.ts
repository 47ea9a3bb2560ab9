import { describe, expect, it } from 'vitest'
import { variableWords } from '../class'
import { weighLesson } from '../comparison'
import type { Plan } from '../plan'
import { seededRandom } from '../random'
import { nextPlan } from '../variables'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { followUps } from '.'

const context = { age: '7-9', words: variableWords('plain') } as const
const groups = [...'abcd'].map((id) => ({ id, name: id }))

/** What four groups lead to, each with the same readings but for a little. */
function ledTo(readings: Record<string, number[]>, plan: Plan = examplePlan()) {
  const entries = entriesFrom(
    Object.fromEntries(
      groups.map(({ id }, index) => [
        id,
        Object.fromEntries(
          Object.entries(readings).map(([level, values]) => [
            level,
            values.map((value) => value + (index % 2)),
          ]),
        ),
      ]),
    ),
  )
  const evidence = weighLesson(
    plan,
    entries,
    groups.map(({ id }) => id),
    true,
  )
  return followUps(plan, evidence, groups.length, context, seededRandom(3))
}

describe('what the results lead to', () => {
  it('is where it changed most, and beyond the last level, each rehearsed', () => {
    const found = ledTo({ h20: [10, 11, 12], h40: [14, 15, 16], h60: [40, 41, 42] })
    expect(found.map(({ question }) => question)).toEqual([
      'What happens between 40 cm and 60 cm?',
      'What happens beyond 60 cm?',
    ])
    for (const { question, said } of found) {
      expect(said).toBe('In classes like yours the answer would nearly always show.')
      // Each question is one that the next plan understands.
      expect(nextPlan(examplePlan(), question).levels).not.toEqual(examplePlan().levels)
    }
  })

  it('is nothing beyond what the instrument can read', () => {
    const found = ledTo({ h20: [20, 21, 22], h40: [52, 53, 54], h60: [90, 91, 92] })
    expect(found.map(({ question }) => question)).toEqual(['What happens between 40 cm and 60 cm?'])
  })

  it('is nothing where a class would not see it', () => {
    // All three levels tell the direction apart; half of that way, in tries that lie so far apart, does not.
    const found = ledTo({ h20: [5, 15, 27], h40: [16, 26, 38], h60: [28, 38, 50] })
    expect(found.map(({ question }) => question)).toEqual(['What happens beyond 60 cm?'])
  })

  it('is nothing where nothing was clear', () => {
    expect(ledTo({ h20: [10, 20, 30], h40: [30, 20, 10], h60: [20, 10, 30] })).toEqual([])
    expect(ledTo({ h20: [10, 11, 12], h60: [40, 41, 42] })).toEqual([])
  })

  it('is nothing where nobody read twice: how far readings scatter is unknown', () => {
    expect(ledTo({ h20: [10], h40: [20], h60: [40] })).toEqual([])
  })

  it('is nothing beyond what the set-up allows', () => {
    const plan = examplePlan()
    const held = { ...plan, changed: { ...plan.changed, range: { least: 0, greatest: 70 } } }
    const found = ledTo({ h20: [10, 11, 12], h40: [14, 15, 16], h60: [30, 31, 32] }, held)
    expect(found.map(({ question }) => question)).toEqual(['What happens between 40 cm and 60 cm?'])
  })
})
