import { expect, it } from 'vitest'
import { ageBands } from '#core/class'
import { forChildren } from '#core/plan'
import { findWords } from '#core/scienceWords'
import { planSchema, validate } from '#shared/schemas'
import { starterPlan, starters } from '.'

it.each(starters.map((starter) => [starter.id, starter] as const))(
  '%s says what it is about, with words for every age',
  (_, starter) => {
    for (const age of ageBands) {
      const plan = starterPlan(starter, age)
      expect(validate(planSchema, plan)).toEqual({ ok: true, value: plan })
      const { words, ...texts } = plan.background!
      expect(Object.values(texts).filter((text) => text === '')).toEqual([])
      expect(words.length).toBeGreaterThanOrEqual(5)
      for (const { word, meaning, use } of words) {
        expect(meaning, word).not.toBe('')
        // A meaning that uses its own word explains nothing.
        expect(findWords(meaning, [word]), word).toEqual([])
        expect(findWords(use, [word]), word).toHaveLength(1)
      }
    }
    for (const { word, meaning } of starter.background.words)
      expect(meaning['5-7'].length, word).toBeLessThanOrEqual(45)
  },
)

it('keeps from children what is the teacher’s', () => {
  for (const starter of starters) {
    const { goal, words, ...others } = forChildren(starterPlan(starter, '7-9').background!)
    expect([goal, ...words.map((one) => one.word)].every((text) => text !== '')).toBe(true)
    expect(Object.values(others)).toEqual(['', '', '', ''])
  }
})

// Goal and words are on the Board while children predict.
it.each(starters.map((starter) => [starter.id, starter] as const))(
  '%s gives no answer away before the test',
  (_, starter) => {
    const { goal, words } = starter.background
    const kinds = starterPlan(starter, '7-9')
      .levels.map(({ name }) => name)
      .filter((name) => name !== '')
    expect(findWords(goal, kinds)).toEqual([])
    expect(goal).not.toMatch(/doesn’t|than/)
    for (const { use } of words) {
      expect(findWords(use, kinds), use).toEqual([])
      expect(use).not.toMatch(
        /\b(?:than|more|most|less|least|best|worst|won|fastest|\p{L}+er, the|little)\b/u,
      )
    }
  },
)
