import { stems, thingNamed } from '../catalogue'

/** Words that say how much or of what size and nothing of what it is. */
const sizes =
  /\b\d+(?:[.,]\d+)?\s*(?:mm|cm|m|ml|l|g|kg|°c)?\b|\b(?:x|of|each|kind|the|a|an|with|for|all|same)\b/gi

/**
 * The words that tell what a thing is, in their plain forms.
 * @example thingWords('plastic bottle, 300 mL') // ['plastic', 'bottle']
 */
export function thingWords(name: string): string[] {
  return stems(name.replace(sizes, ' ')).map((token) => token.stem)
}

/**
 * Whether one name on a list already brings what another asks for: the same thing of the catalogue, or a name
 * that holds all words of the other.
 * @param listed the name on the list
 * @param asked the name that is looked for
 * @example brings('mung beans', 'beans') // true
 * @example brings('paper cup', 'paper') // false
 */
export function brings(listed: string, asked: string): boolean {
  const [have, want] = [thingWords(listed), thingWords(asked)]
  if (want.length === 0) return have.length === 0
  // The last word is the thing; those before only say which.
  if (want.every((word) => have.includes(word)) && have.at(-1) === want.at(-1)) return true
  const [known, sought] = [thingNamed(listed), thingNamed(asked)]
  return known !== null && known === sought
}

/**
 * Whether two names stand for one thing in the store cupboard: the same words in any order.
 * @example isSameName('Paper cups', 'paper cup') // true
 */
export function isSameName(a: string, b: string): boolean {
  return supplyKey(a) === supplyKey(b)
}

/**
 * The name under which amounts of one thing are added up and looked for in the cupboard.
 * @example supplyKey('Sheets of Card') // 'card sheet'
 */
export function supplyKey(name: string): string {
  return stems(name)
    .map((token) => token.stem)
    .filter((word) => word !== 'of')
    .sort()
    .join(' ')
}
