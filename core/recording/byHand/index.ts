import type { Recording } from '../../plan'
import { unitDefinition } from '../../quantity'
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
export const beforeAfter: Way = {
  ...byHand(
    { kind: 'before-after' },
    { name: 'before and after', oneEntry: 'the change: after less before' },
    oneByOne,
  ),
  oftenForgotten: [
    {
      applies: ({ measured }) => unitDefinition(measured.unit).dimension !== 'temperature',
      about: /amount|mass|weight|size|volume|water|start/i,
      name: 'amount at the start',
      how: 'measured out alike for every try',
      reason: 'A change is only comparable when all start with as much. Is the amount at the start the same?',
    },
  ],
}
export const partsWhole = byHand(
  { kind: 'parts-whole' },
  { name: 'parts and the whole', oneEntry: 'the whole less the sum of its parts' },
  oneByOne,
)
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
