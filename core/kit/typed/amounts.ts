import { numberPattern, parseNumber } from '../../quantity'

/** How an amount may be typed: digits, fractions, or a small number in words. */
export const amountPattern = `(?:${numberPattern}|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)\\b)`
/** The numbers that may be typed as words before a thing. */
export const numberWords: Record<string, number> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
}

/** Takes the first place of a pattern out of the text and tells what stood there. */
export type Take = (pattern: RegExp) => RegExpExecArray | null

/** A plain decimal with a point or a comma. */
export const decimal = (text: string) => Number(text.replace(',', '.'))

/** The number that a text says, or the reason why it says none. */
export function readAmount(text: string): number | string {
  const word = numberWords[text.toLowerCase()]
  if (word !== undefined) return word
  const parsed = parseNumber(text, 'before-noughts')
  if (parsed.kind === 'number') return parsed.value
  if (parsed.kind === 'either')
    return `Is “${text}” ${parsed.values[0]} or ${parsed.values[1]}? Type it without the mark for thousands, or with a point.`
  return parsed.why ?? `“${text}” is not a number we can read.`
}
