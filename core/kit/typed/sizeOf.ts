import { itemAt, defined } from '../../defined'
import { thingNamed } from '../../catalogue'
import { numberPattern, unitDefinition, unitFromText } from '../../quantity'

const sized = new RegExp(
  String.raw`^\s*(${numberPattern})\s*[-‑]?\s*(mL|ml|L|litres?|liters?|g|kg|cm|m|mm|V|volts?|W|watts?)\b\.?\s+(?!of\b)(\S.*?)\s*$`,
  'u',
)
const area = String.raw`(\d+(?:[.,]\d+)?)\s*(?:cm\s*)?(?:x|×|by)\s*(\d+(?:[.,]\d+)?)\s*cm\b`
const areaBefore = new RegExp(
  String.raw`^\s*${area}\s*(?:(?:pieces?|squares?|strips?|sheets?)\s+(?:of\s+)?)?(\S.*?)\s*$`,
  'iu',
)
const areaAfter = new RegExp(String.raw`^(.*?\S)[\s,]+${area}[\s,]*$`, 'iu')

/**
 * A thing that is called by its size: a 500 mL jug is one jug. An amount is a size where the thing is known for it,
 * and always in volts and watts.
 * @param text a line that starts with an amount
 * @returns the name with its size after it, or null where the amount says how much there is
 * @example sizeOf('500 mL jug') // 'jug, 500 mL'
 * @example sizeOf('500 mL water') // null
 */
export function sizeOf(text: string): string | null {
  const found = sized.exec(text)
  if (!found) return null
  const [, number, unit, name] = found
  return isSizedBy(defined(name), defined(unit)) ? withSize(defined(name), `${number} ${unit}`) : null
}

/**
 * A name with the width and height that stand before it, or at its end, in their usual place.
 * @example areaOf('10 x 10 cm squares of card') // 'card, 10 x 10 cm'
 */
export function areaOf(text: string): string {
  const before = areaBefore.exec(text)
  if (before) return withSize(itemAt(before, 3), `${before[1]} x ${before[2]} cm`)
  const after = areaAfter.exec(text)
  return after ? withSize(itemAt(after, 1), `${after[2]} x ${after[3]} cm`) : text
}

/** Whether a name ends with a width and a height. */
export const endsWithArea = (name: string) => areaAfter.test(name)

/** A name with its size before whatever else is said of it. */
export function withSize(name: string, size: string): string {
  const [what, ...more] = name.split(',')
  return [defined(what).trim(), size, ...more.map((one) => one.trim())].filter(Boolean).join(', ')
}

/** Whether an amount in a unit says how large a thing is: volts of a battery, grams of a weight. */
export function isSizedBy(name: string, unitText: string): boolean {
  if (/^(?:V|volts?|W|watts?)$/.test(unitText)) return true
  const unit = unitFromText(unitText)
  return unit !== null && (thingNamed(name)?.sizedBy.includes(unitDefinition(unit).dimension) ?? false)
}
