const fractions: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
const fractionSigns = new RegExp(`(\\d)?([${Object.keys(fractions).join('')}])`, 'gu')
/** A small digit that belongs to a unit stands right behind its letters: cm³. */
const raised = /(?<!\p{L})[⁰¹²³⁴-⁹₀-₉]/u
const spaced = /(?<![\d.,/⁄])([1-9]\d{0,2})((?:[ \u00a0\u2009\u202f]\d{3})+)(?![\d.,/⁄])/gu

/**
 * A text whose numbers are written plainly: fraction signs as "1/2", wide digits as usual ones, thousands without spaces. Thousands
 * parted by an ordinary space are those that end in a nought; "12 345" may be two numbers.
 * @example plainText('1½ L, 12 000 g') // '1 1/2 L, 12000 g'
 */
export function plainText(text: string): string {
  return text
    .replace(
      fractionSigns,
      (_, digit: string | undefined, sign: string) => `${digit ? `${digit} ` : ''}${fractions[sign]}`,
    )
    .normalize('NFKC')
    .replace(spaced, (all, first: string, rest: string) =>
      rest.includes(' ') && !rest.endsWith('0') ? all : first + rest.replace(/\D/gu, ''),
    )
}

/**
 * Whether a text has a small digit above or below the line that is no part of a unit, so that nobody can say what number it is.
 * @example hasRaisedDigit('12²') // true; false for '15 cm³'
 */
export const hasRaisedDigit = (text: string): boolean => raised.test(text)
