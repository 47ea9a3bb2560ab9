import { lastOf } from '../defined'

/** Words that change a number, or count by more than one, or join it to something else. */
const changing = new Set(
  `and or to but of plus minus less more half halves with without then not no than about nearly almost over under per each
  one two three four five six seven eight nine ten eleven twelve twenty thirty forty fifty hundred thousand million
  pairs dozens tens hundreds thousands millions twos threes fours fives sixes scores gross sets rows packs packets boxes bunches
  bundles handfuls piles heaps groups lots loads quarters thirds fifths eighths tenths twice times percents
  is was this its his yes as us plus across perhaps besides always sometimes guess`
    .trim()
    .split(/\s+/u),
)
/** Several of them, without an s. */
const plurals =
  /^(?:children|people|men|women|teeth|feet|mice|geese|fish|sheep|leaves|lice|woodlice|seed|salt|rice|water|sand)$/u

/**
 * Whether words behind a number only say what was counted: "clips", "paper clips", "drop" behind 1. Of everything else ("hundred",
 * "pairs", "ish", "and two fell off") nobody knows what it does to the number.
 * @example isCountedNoun('paper clips', 12) // true; false for ('dozen', 3)
 */
export function isCountedNoun(letters: string, amount: number): boolean {
  const words = letters.toLowerCase().split(/[\s-]+/u)
  if (words.length > 3 || words.some((word) => !/^\p{L}+(?:[’']s?)?$/u.test(word) || changing.has(word)))
    return false
  const last = lastOf(words)
  return last.length >= 3 && (amount === 1 || last.endsWith('s') || plurals.test(last))
}
