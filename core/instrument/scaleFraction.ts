import type { Instrument } from './instrument'

/**
 * Where a value stands on an instrument's scale, from 0 at the least to 1 at the greatest; null beyond its ends.
 * @param value in the instrument's unit; null where nothing is read
 * @example scaleFraction(metreStick, 25) // 0.25
 */
export function scaleFraction(
  { least, greatest }: Pick<Instrument, 'least' | 'greatest'>,
  value: number | null,
): number | null {
  if (value === null) return null
  const fraction = (value - least) / (greatest - least)
  return fraction >= 0 && fraction <= 1 ? fraction : null
}
