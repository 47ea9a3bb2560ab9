import type { Entry } from './entry'

type Said = Pick<Entry, 'fields' | 'readWith'>

/**
 * Whether two entries say the same: the same values in the same unit. 13 cm and 13 mm do not.
 * @example hasSameValues(entry, { ...entry, fields: { value: { typed: '13.0', given: 'typed', value: 13 } } }) // true
 */
export function hasSameValues(a: Said, b: Said): boolean {
  if (a.readWith?.unit !== b.readWith?.unit) return false
  return Object.keys({ ...a.fields, ...b.fields }).every(
    (name) => a.fields[name]?.value === b.fields[name]?.value,
  )
}
