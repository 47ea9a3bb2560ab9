/** What came of reading digits: a number, two numbers that they could be, or the reason why they are none. */
export type ParsedNumber =
  | { kind: 'number'; value: number }
  | { kind: 'either'; values: [number, number] }
  | { kind: 'none'; why?: string }

/** Fractions that a ruler, a cup or a spoon is marked in. */
const markedIn = new Set([2, 3, 4, 5, 6, 8, 10, 12, 16, 32])

/** A number as it may stand in a text: digits with points and commas, a fraction, or a whole with a fraction. */
export const numberPattern = String.raw`(?:\d+\s+)?\d+\s*[/⁄]\s*\d+|\d+(?:[.,]\d+)*|[.,]\d+`

/** Where a point before three digits may part thousands: nowhere, where the last digit is a nought ("1.200"), or anywhere. */
export type PointsPart = 'never' | 'before-noughts' | 'always'

/**
 * Reads one number: "12", "12,5", ".5", "3 1/2", "1,234.5". A comma or a point before three digits may also part
 * thousands: where both readings make sense the two are given, the smaller first.
 * @param pointsPart nobody writes the nought of "1.200" who means 1.2, unless an instrument shows it
 * @example parseNumber('1,200') // { kind: 'either', values: [1.2, 1200] }
 */
export function parseNumber(text: string, pointsPart: PointsPart = 'never'): ParsedNumber {
  const fraction = /^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(text)
  if (fraction)
    return parseFraction(
      fraction.slice(1).map((part) => (part ? Number(part) : 0)) as [number, number, number],
    )
  if (!/^(?:\d+(?:[.,]\d+)*|[.,]\d+)$/.test(text)) return { kind: 'none' }
  const marks = text.match(/[.,]/g) ?? []
  const last = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','))
  const asDecimal = Number(`${text.slice(0, last).replace(/[.,]/g, '')}.${text.slice(last + 1)}`)
  if (marks.length === 0) return { kind: 'number', value: Number(text) }
  const mixed = new Set(marks).size > 1
  const grouped = /^[1-9]\d{0,2}(?:[.,]\d{3})+$/.test(text)
  if (mixed) {
    // The last mark is the decimal one; those before it part thousands, all alike.
    const before = marks.slice(0, -1)
    const sound = new Set(before).size === 1 && before[0] !== marks.at(-1)
    return sound && /^\d{1,3}(?:[.,]\d{3})*$/.test(text.slice(0, last))
      ? { kind: 'number', value: asDecimal }
      : { kind: 'none' }
  }
  if (!grouped) return marks.length === 1 ? { kind: 'number', value: asDecimal } : { kind: 'none' }
  const asThousands = Number(text.replace(/[.,]/g, ''))
  const parts = pointsPart === 'always' || (pointsPart === 'before-noughts' && text.endsWith('0'))
  if (marks.length === 1 && marks[0] === '.' && !parts) return { kind: 'number', value: asDecimal }
  return { kind: 'either', values: [asDecimal, asThousands] }
}

function parseFraction([whole, top, bottom]: [number, number, number]): ParsedNumber {
  if (bottom === 0) return { kind: 'none', why: 'We can’t divide by 0.' }
  if (top >= bottom || !markedIn.has(bottom))
    return {
      kind: 'none',
      why: `“${whole ? `${whole} ` : ''}${top}/${bottom}” is not a fraction we know. Type it like 3 1/2, or as a decimal.`,
    }
  return { kind: 'number', value: whole + top / bottom }
}
