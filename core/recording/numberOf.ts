import type { Plan } from '../plan'
import { convertUnit } from '../quantity'
import type { Entry } from '../entries'

/** The one field of a way that takes one number for each try. */
export const valueField = 'value'

/**
 * The number of an entry in the unit that the plan measures in now, whatever it was read in; null where nothing
 * was read.
 * @example numberOf(plan, { ...entry, readWith: { instrument: 'ruler', unit: 'mm', mark: 1 } }) // 1.3
 */
export function numberOf(
  { measured }: Pick<Plan, 'measured'>,
  { fields, readWith }: Pick<Entry, 'fields' | 'readWith'>,
): number | null {
  const value = fields[valueField]?.value
  if (typeof value !== 'number') return null
  return readWith === null || readWith.unit === measured.unit
    ? value
    : Number(convertUnit(value, readWith.unit, measured.unit).toPrecision(12))
}
