import { defined } from '../../defined'
import { plainText } from '../../quantity'
import { numberWords } from './amounts'

const inDigits: Record<string, number> = {
  eleven: 11,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  hundred: 100,
}

const replacements: [pattern: RegExp, by: string | ((...found: string[]) => string)][] = [
  // What stands in brackets is one more clause.
  [/[()[\]]/g, ' , '],
  [/\s*\/\s*(?=(?:child|pupil|group|tray|table|team|level|kind|try|class)\b)/gi, ' per '],
  [/\bhalf a dozen\b/gi, '6'],
  [/\b(?:(?:a|one) )?dozen\b/gi, '12'],
  [/\ba couple of\b/gi, '2'],
  [
    new RegExp(
      String.raw`\b(${Object.keys(numberWords).join('|')}|\d+) and (?:a (half|quarter)|(three quarters))\b`,
      'giu',
    ),
    (_, whole, part) =>
      `${numberWords[defined(whole).toLowerCase()] ?? whole} ${part ? (part.toLowerCase() === 'half' ? '1/2' : '1/4') : '3/4'}`,
  ],
  [/\bthree quarters of an?\b/gi, '3/4'],
  [/\btwo thirds of an?\b/gi, '2/3'],
  [/\b(?:a|one) third of an?\b/gi, '1/3'],
  [/\bhalf an?\b/gi, '1/2'],
  [/\b(?:a )?quarter of an?\b/gi, '1/4'],
  [
    new RegExp(String.raw`(?<!\d\s)\b(?:an? )?(${Object.keys(inDigits).join('|')})\b(?=\s+\p{L})`, 'giu'),
    (_, word) => String(inDigits[defined(word).toLowerCase()]),
  ],
  [/\b(?:about|approximately|approx\.?|roughly|around|circa|ca\.?|up to|at least)\s+(?=\d)/gi, ''],
  // A group shares what lies on its tray.
  [/,?\s*\bto share\b(?! between)/gi, ''],
  [/\bfl(?:uid)?\.?\s*(?:oz|ounces?)\b\.?/gi, 'floz'],
  [/\btbsps?\b\.?/gi, 'tablespoons'],
  [/\btsps?\b\.?/gi, 'teaspoons'],
]

/**
 * A typed line in the plain words that the clauses are read from: "a dozen" in digits, brackets as
 * commas.
 * @example plainWords('about 5 cups (2 spare)') // '5 cups , 2 spare ,'
 */
export function plainWords(text: string): string {
  return replacements
    .reduce(
      (plain, [pattern, by]) =>
        typeof by === 'string' ? plain.replace(pattern, by) : plain.replace(pattern, by),
      plainText(text),
    )
    .replace(/\s+/g, ' ')
    .trim()
}
