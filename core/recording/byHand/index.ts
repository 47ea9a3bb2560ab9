import type { Recording } from '../../plan'
import { numberPerTry } from '../numberPerTry'
import type { Way } from '../way'
import { oneByOne, sideBySide, type WayNeeds } from '../wayNeeds'

interface Words {
  name: string
  oneEntry: string
  verb?: string
  options?: Way['options']
}

/** A way whose one number somebody still works out before it is typed. */
function byHand(usual: Recording, { options = [], verb = 'measure', ...words }: Words, needs: WayNeeds): Way {
  return {
    ...numberPerTry,
    ...words,
    verb,
    kind: usual.kind,
    options,
    usual,
    byHand: true,
    needs: () => needs,
    fields: (plan) => numberPerTry.fields(plan).map((field) => ({ ...field, help: words.oneEntry })),
  }
}

const noInstrument: WayNeeds = { ...sideBySide, instruments: 0 }
export const wordScale = byHand(
  { kind: 'word-scale', words: ['none', 'a little', 'a lot'] },
  {
    name: 'words in order',
    oneEntry: 'the place of its word in the order',
    options: [
      {
        name: 'words',
        label: 'Words, from first to last',
        kind: 'words',
        most: 8,
        letters: 40,
        fewest: 2,
        like: 'none, a little, a lot',
        says: (said) => `as ${said.join(' < ')}`,
      },
    ],
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
