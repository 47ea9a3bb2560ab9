import { defined } from '../defined'

const irregular: Record<string, string> = {
  knives: 'knife',
  mice: 'mouse',
  loaves: 'loaf',
  shelves: 'shelf',
  halves: 'half',
  matches: 'matches',
  woodlice: 'woodlouse',
  potatoes: 'potato',
  tomatoes: 'tomato',
  clothes: 'clothes',
  scissors: 'scissors',
  lens: 'lens',
  gas: 'gas',
  canvas: 'canvas',
  // The fruit, not the colour.
  oranges: 'oranges',
  // Those of metal, not what somebody can do.
  cans: 'cans',
  masses: 'masses',
}

/**
 * The plain form of a word, so that "Glasses", "glass" and "glass," meet: lower case and in the singular.
 * @example stem('Batteries') // 'battery'
 */
export function stem(word: string): string {
  const low = word.toLowerCase().replace(/[’']s$/, '')
  if (Object.hasOwn(irregular, low)) return defined(irregular[low])
  if (low.length <= 3) return low
  if (/[^aeiou]ies$/.test(low) && low.length > 4) return `${low.slice(0, -3)}y`
  if (/(?:s|x|z|ch|sh)es$/.test(low)) return low.slice(0, -2)
  return /[^su]s$/.test(low) && !/[^s]is$/.test(low) ? low.slice(0, -1) : low
}

/** A word of a text, with where it stands. */
export interface Token {
  stem: string
  at: number
  end: number
}

/**
 * The words of a text in their plain forms, in order. Hyphens part words.
 * @example stems('Two glass jars')[2].stem // 'jar'
 */
export function stems(text: string): Token[] {
  return [...text.matchAll(/[\p{L}\p{N}]+(?:[’'][\p{L}]+)?/gu)].map((match) => ({
    stem: stem(match[0]),
    at: match.index,
    end: match.index + match[0].length,
  }))
}
