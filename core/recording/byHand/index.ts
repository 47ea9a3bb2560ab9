import type { Recording } from '../../plan'
import { numberPerTry } from '../numberPerTry'
import type { Way } from '../way'
import { oneByOne, sideBySide, type WayNeeds } from '../wayNeeds'

/** A way whose one number somebody still works out before it is typed. */
function byHand(
  usual: Recording,
  { options = [], ...words }: { name: string; oneEntry: string; options?: Way['options'] },
  needs: WayNeeds,
): Way {
  return {
    ...numberPerTry,
    ...words,
    kind: usual.kind,
    options,
    usual,
    byHand: true,
    needs: (recording) => ({ ...needs, days: 'days' in recording ? recording.days : 1 }),
    fields: (plan) => numberPerTry.fields(plan).map((field) => ({ ...field, help: words.oneEntry })),
  }
}

const noInstrument: WayNeeds = { ...sideBySide, instruments: 0 }
const whole = (name: string, label: string, suffix: string, least: number, greatest: number) =>
  ({ name, label, kind: 'whole', suffix, least, greatest }) as const

export const beforeAfter = byHand(
  { kind: 'before-after' },
  { name: 'before and after', oneEntry: 'the change: after less before' },
  oneByOne,
)
export const partsWhole = byHand(
  { kind: 'parts-whole' },
  { name: 'parts and the whole', oneEntry: 'the whole less the sum of its parts' },
  oneByOne,
)
// One reader goes round: the containers are read one after another.
export const intervals = byHand(
  { kind: 'intervals', everyMinutes: 5, times: 5 },
  {
    name: 'every few minutes',
    oneEntry: 'the total change at the last reading',
    options: [whole('everyMinutes', 'Every', 'min', 1, 60), whole('times', 'Times', '', 2, 30)],
  },
  sideBySide,
)
export const daily = byHand(
  { kind: 'daily', days: 10 },
  {
    name: 'every day',
    oneEntry: 'the reading of the last day',
    options: [whole('days', 'School days', '', 2, 60)],
  },
  sideBySide,
)
export const wordScale = byHand(
  { kind: 'word-scale', words: ['none', 'a little', 'a lot'] },
  {
    name: 'words in order',
    oneEntry: 'the place of its word in the order',
    options: [{ name: 'words', label: 'Words, from first to last', kind: 'words', most: 8, letters: 40 }],
  },
  noInstrument,
)
export const race = byHand(
  { kind: 'race' },
  { name: 'a race', oneEntry: 'its finishing place' },
  noInstrument,
)
export const pairs = byHand(
  { kind: 'pairs' },
  { name: 'in pairs', oneEntry: 'how many of the others it beats' },
  noInstrument,
)
export const rounds = byHand(
  { kind: 'rounds' },
  { name: 'rounds of redesign', oneEntry: 'the best score of the round' },
  oneByOne,
)
