import { thingNamed } from '../../catalogue'
import { numberPattern, unitDefinition, unitFromText } from '../../quantity'

const sized = new RegExp(
  String.raw`^\s*(${numberPattern})\s*[-‑]?\s*(mL|ml|L|litres?|liters?|g|kg|cm|m|mm|V|volts?|W|watts?)\b\.?\s+(?!of\b)(\S.*?)\s*$`,
  'u',
)

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
  return isSizedBy(name!, unit!) ? withSize(name!, `${number} ${unit}`) : null
}

/** A name with its size before whatever else is said of it. */
export function withSize(name: string, size: string): string {
  const [what, ...more] = name.split(',')
  return [what!.trim(), size, ...more.map((one) => one.trim())].filter(Boolean).join(', ')
}

/** Whether an amount in a unit says how large a thing is: volts of a battery, grams of a weight. */
export function isSizedBy(name: string, unitText: string): boolean {
  if (/^(?:V|volts?|W|watts?)$/.test(unitText)) return true
  const unit = unitFromText(unitText)
  return unit !== null && (thingNamed(name)?.sizedBy.includes(unitDefinition(unit).dimension) ?? false)
}
