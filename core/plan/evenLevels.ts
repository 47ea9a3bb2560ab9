/**
 * Numbers in even steps from the least to the greatest, both included, on as round a step as can be: the
 * step is rounded down to 1, 2, 2.5 or 5 times a power of ten, so the last level may stay short of `greatest`.
 * @param count how many, at least 2
 * @throws RangeError for fewer than two levels or a range without length.
 * @example evenLevels(0, 100, 4) // [0, 25, 50, 75]
 */
export function evenLevels(least: number, greatest: number, count: number): number[] {
  if (!Number.isInteger(count) || count < 2) throw new RangeError('even steps need at least two levels')
  if (!(greatest > least)) throw new RangeError('the greatest level must lie above the least')
  const exact = (greatest - least) / (count - 1)
  const power = 10 ** Math.floor(Math.log10(exact))
  const step = [5, 2.5, 2, 1].map((times) => times * power).find((one) => one <= exact * (1 + 1e-9)) ?? power
  return Array.from({ length: count }, (_, index) => Number((least + index * step).toPrecision(12)))
}
