import { describe, expect, it } from 'vitest'
import { variableWords } from '../class'
import { weighLesson } from '../comparison'
import { emptyConclusion } from '../conclusion'
import type { Plan } from '../plan'
import { seededRandom } from '../random'
import { nextPlan } from '../variables'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { followUps, hardToKeep, type TroubleTexts } from '.'

const context = { age: '7-9', words: variableWords('plain') } as const
const groups = [...'abcd'].map((id) => ({ id, name: id }))

/** What four groups lead to, each with the same readings but for a little. */
function ledTo(
  readings: Record<string, number[]>,
  plan: Plan = examplePlan(),
  troubles: Partial<TroubleTexts> = {},
  /** How much more each group reads than the one before it. */
  more = 0,
) {
  const entries = entriesFrom(
    Object.fromEntries(
      groups.map(({ id }, index) => [
        id,
        Object.fromEntries(
          Object.entries(readings).map(([level, values]) => [
            level,
            values.map((value) => value + (index % 2) + more * index),
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
  const facts = { conclusion: emptyConclusion, entries: [], reviews: [], ...troubles }
  return followUps(plan, evidence, { groups: groups.length, context, troubles: facts }, seededRandom(3))
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

describe('what was hard to keep the same', () => {
  const plan = examplePlan({
    question: 'How high does the ball bounce?',
    keptSame: ['ball', 'floor', 'way of dropping', 'who reads'].map((name) => ({
      id: name,
      name,
      how: '',
      was: null,
    })),
  })
  const kinds = { h20: [10, 11, 12], h40: [11, 12, 13], h60: [10, 11, 12] }
  const asked = {
    ...{ byGroupId: 'a', ofGroupId: 'b', convinced: '', answer: '', madeAt: '2026-03-09T10:00:00Z' },
    removed: false,
  }

  it('is what most of the class’s own words name', () => {
    const nothing = { conclusion: emptyConclusion, entries: [], reviews: [] }
    expect(hardToKeep(plan, nothing)).toBeNull()
    const better = { ...emptyConclusion, better: 'Drop it the same way each time.' }
    expect(hardToKeep(plan, { ...nothing, conclusion: better })).toBe('way of dropping')
    const ofBall = { ...emptyConclusion, better: 'Hold the ball the same way, the ball!' }
    expect(hardToKeep(plan, { ...nothing, conclusion: ofBall })).toBeNull()
    const pressed = [{ note: '', reason: 'read wrongly' }]
    expect(hardToKeep(plan, { ...nothing, entries: pressed })).toBeNull()
    const entries = [
      { note: 'on the soft floor', reason: '' },
      { note: 'the other floor', reason: '' },
    ]
    expect(hardToKeep(plan, { ...nothing, conclusion: better, entries })).toBe('floor')
    const reviews = [{ ...asked, question: 'Was the floor always the same?' }]
    expect(hardToKeep(plan, { ...nothing, conclusion: better, reviews })).toBe('way of dropping')
    expect(hardToKeep(plan, { ...nothing, reviews })).toBe('floor')
    expect(hardToKeep(plan, { ...nothing, reviews: [{ ...reviews[0]!, removed: true }] })).toBeNull()
  })

  it('is offered as a question where a class would see as much as its groups differ', () => {
    const conclusion = { ...emptyConclusion, better: 'Drop it the same way each time.' }
    const [found] = ledTo(kinds, plan, { conclusion }, 6)
    expect(found).toEqual({
      question: 'Does the way of dropping change the bounce height?',
      said: 'If it matters as much as the groups differ, in classes like yours the answer would nearly always show.',
    })
    expect(nextPlan(plan, found!.question).changed.name).toBe('way of dropping')
    // Where the groups hardly differ, nobody would see it; where nobody says so, nothing was hard.
    expect(ledTo(kinds, plan, { conclusion })).toEqual([])
    expect(ledTo(kinds, plan, {}, 6)).toEqual([])
  })
})
