import { convertUnit, printNumber, roundToMark } from '../quantity'
import type { FieldDefinition } from './way'

/**
 * What a stopwatch gives, as it is typed into a field: in the field's unit, to the nearest of its marks.
 * @param seconds at least 0
 * @example timedReading({ unit: 's', mark: 0.1 }, 12.34) // { typed: '12.3', value: 12.3 }
 */
export function timedReading(
  { unit, mark }: Pick<FieldDefinition, 'unit' | 'mark'>,
  seconds: number,
): { typed: string; value: number } {
  const value = roundToMark(convertUnit(seconds, 's', unit), mark)
  return { typed: printNumber(value, mark), value }
}
