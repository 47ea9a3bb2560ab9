import { itemAt, defined } from '../../defined'
import { hasRaisedDigit, numberPattern, parseQuantity, unitFromText, type Unit } from '../../quantity'
import { amountPattern } from './amounts'

const number = `(?:${numberPattern})`
const numberOrWord = amountPattern
const unit = String.raw`\p{L}+`
const sides = String.raw`(?:cm|mm|m|in|inches)`

/** Numbers that could be meant in more than one way, each with what to type instead. */
const unclear: [pattern: RegExp, message: (...found: string[]) => string][] = [
  [
    new RegExp(
      String.raw`(?<![\d.,/\p{L}])(${numberOrWord})\s*(?:[-–−]|\bto\b|\bor\b)\s*(${numberOrWord})(?=\s*\p{L})(?!\s*(?:ml|l|litres?|liters?)\b)`,
      'iu',
    ),
    (_, low, high) => `Is it ${low} or ${high}? Type one number. You can add spares, like “+ 2 spare”.`,
  ],
  [
    new RegExp(
      String.raw`(?<![\d.,/])(${number})\s*[x×]\s*(${number})(?!\s*(?:[x×]|${sides}\b|[\d.,/]))(?=\s+\p{L})`,
      'iu',
    ),
    (_, times, each) =>
      `Type how many there are in all: ${times} x ${each} is ${product(defined(times), defined(each))}.`,
  ],
  [
    new RegExp(String.raw`(?<![\d.,/])(${number})\s*(ml|l|g|kg)\s*[x×]\s*(${number})\b`, 'iu'),
    (_, amount, of, times) =>
      `Type how much there is in all: ${times} times ${amount} ${of} is ${product(defined(amount), defined(times))} ${of}.`,
  ],
  [
    /\b(?:of (?:them|these|those|which)|the (?:rest|others))\b/iu,
    () => 'These are two things. Type each on a line of its own, with its number.',
  ],
  [
    /\d\s*(?:%|per ?cent)/iu,
    () =>
      'For a mixture, type what goes into how much, like “120 mL bubble mix, 60 g sugar to 1 L”. For spares, type “10% spare”.',
  ],
  [/\b\d+\s+(?:hundred|thousand|score)\b/iu, (all) => `Type “${all}” in digits.`],
]

const product = (a: string, b: string) => Number((toNumber(a) * toNumber(b)).toPrecision(12))
const toNumber = (text: string) => Number(text.replace(',', '.'))

/**
 * What a line has that no one can be sure of: a range, a product, a share of what was just counted.
 * @param rest the line, without its clauses
 * @returns what to type instead, or null
 * @example unclearNumbers('3-4 straws') // 'Is it 3 or 4? Type one number. You can add spares, like “+ 2 spare”.'
 */
export function unclearNumbers(rest: string): string | null {
  for (const [pattern, message] of unclear) {
    const found = pattern.exec(rest)
    if (found) return message(...found)
  }
  return null
}

/** Amounts in two units, in the smaller of which they are counted. */
const inSmaller: [larger: RegExp, smaller: Unit][] = [
  [/^(?:m|metres?|meters?)$/iu, 'cm'],
  [/^(?:cm|centimetres?|centimeters?)$/iu, 'mm'],
  [/^(?:ft|foot|feet)$/iu, 'in'],
  [/^(?:kg|kilos?|kilograms?)$/iu, 'g'],
  [/^(?:l|litres?|liters?)$/iu, 'mL'],
]
const inTwo = new RegExp(
  String.raw`^([\s,]*)(\d+\s*(${unit})\s*\d+(?:[.,]\d+)?)(?:\s*(${unit})\b)?(?=\s)`,
  'iu',
)

/**
 * Writes an amount in two units at the start of a line in the smaller one.
 * @returns the line, or what to type instead where the two don't fit each other
 * @example inOneUnit('1 m 20 string') // { ok: true, text: '120 cm string' }
 */
export function inOneUnit(line: string): { ok: true; text: string } | { ok: false; message: string } {
  const found = inTwo.exec(line)
  const smaller = found && inSmaller.find(([larger]) => larger.test(itemAt(found, 3)))?.[1]
  if (!found || !smaller) return { ok: true, text: line }
  const ownUnit = found[4] !== undefined && unitFromText(found[4]) !== null
  const typed = ownUnit ? `${found[2]} ${found[4]}` : itemAt(found, 2)
  const parsed = parseQuantity(typed, smaller)
  if (!parsed.ok) return { ok: false, message: parsed.message }
  const length = ownUnit ? found[0].length : itemAt(found, 1).length + itemAt(found, 2).length
  return { ok: true, text: `${found[1]}${parsed.value} ${smaller} ${line.slice(length).trim()}` }
}

/** Refuses a line before anything is taken out of it. */
export const unreadableDigits = (text: string): string | null =>
  hasRaisedDigit(text)
    ? 'There’s a small raised digit in this line. Type the whole number in normal digits.'
    : null
