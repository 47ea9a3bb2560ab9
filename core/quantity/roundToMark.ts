/**
 * Rounds a value to the nearest mark of a scale (halves away from zero), free of floating-point dust.
 * @param mark distance between two marks, in the unit of the value; more than 0
 * @throws RangeError when the mark is not a positive number.
 * @example roundToMark(12.26, 0.5) // 12.5
 */
export function roundToMark(value: number, mark: number): number {
  if (!(mark > 0) || !Number.isFinite(mark))
    throw new RangeError('a scale needs marks that are more than 0 apart')
  const marks = Number((Math.abs(value) / mark).toPrecision(12))
  return Number((Math.sign(value) * Math.floor(marks + 0.5) * mark).toPrecision(12)) + 0
}

/**
 * Whether a value lies on a mark of the scale.
 * @example isOnMark(12.5, 1) // false
 */
export function isOnMark(value: number, mark: number): boolean {
  return Math.abs(roundToMark(value, mark) - value) < mark * 1e-6
}
