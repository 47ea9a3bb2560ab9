import { describe, expect, it } from 'vitest'
import { sortQuestion } from '..'
import { judgeQuestions } from './judgeQuestions'
import { heldBackQuestions, openQuestions } from './table'

describe.each([
  ['looked at while the rules were written', openQuestions, 200],
  ['held back', heldBackQuestions, 80],
] as const)('questions %s', (_name, table, count) => {
  const judged = judgeQuestions(table)
  const wrong = judged.filter((one) => one.given !== null && one.given !== one.sort)

  it(`are ${count} at least`, () => expect(judged.length).toBeGreaterThanOrEqual(count))

  it('are sorted wrongly in at most one of twenty', () => {
    expect(wrong.length / judged.length, wrong.map((one) => one.text).join('\n')).toBeLessThanOrEqual(0.05)
  })

  it('are sorted at all in three of four', () => {
    expect(judged.filter((one) => one.given !== null).length / judged.length).toBeGreaterThanOrEqual(0.75)
  })
})

it('nothing is said where the words give no reason', () => {
  for (const text of ['', 'Why is the sky so blue?', 'Stones', 'What if there was no gravity?', '?', '🪨'])
    expect(sortQuestion(text)).toBeNull()
})
