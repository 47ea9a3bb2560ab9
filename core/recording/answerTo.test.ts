import { expect, it } from 'vitest'
import { answerTo, type EntryValidation } from '.'

const slip: EntryValidation = {
  state: 'value',
  value: 640,
  hints: [{ code: 'likely-slip', message: 'Is it 64?', suggestion: 64 }],
}
const word: EntryValidation = { state: 'unreadable', message: 'Type a number.' }
const twoWays: EntryValidation = { state: 'two-ways', message: 'Which?', readings: [] }

it.each([
  [{ state: 'empty' } as const, 'nothing', 'nothing'],
  [{ state: 'value', value: 64, hints: [] } as const, 'keep', 'keep'],
  [slip, 'ask', 'keep'],
  [word, 'ask', 'ask'],
  [twoWays, 'ask', 'ask'],
])('%j: first %s, then %s', (entry, first, then) => {
  expect(answerTo<number | string>(entry as EntryValidation, false).does).toBe(first)
  expect(answerTo<number | string>(entry as EntryValidation, true).does).toBe(then)
})
