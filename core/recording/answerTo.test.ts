import { expect, it } from 'vitest'
import { answerTo, type CheckedEntry } from '.'

const slip: CheckedEntry = {
  state: 'value',
  value: 640,
  hints: [{ code: 'likely-slip', message: 'Is it 64?', suggestion: 64 }],
}
const word: CheckedEntry = { state: 'unreadable', message: 'Type a number.' }
const twoWays: CheckedEntry = { state: 'two-ways', message: 'Which?', readings: [] }

it.each([
  [{ state: 'empty' } as const, 'nothing', 'nothing'],
  [{ state: 'value', value: 64, hints: [] } as const, 'keep', 'keep'],
  [slip, 'ask', 'keep'],
  [word, 'ask', 'ask'],
  [twoWays, 'ask', 'ask'],
])('%j: first %s, then %s', (entry, first, then) => {
  expect(answerTo<number | string>(entry as CheckedEntry, false).does).toBe(first)
  expect(answerTo<number | string>(entry as CheckedEntry, true).does).toBe(then)
})
