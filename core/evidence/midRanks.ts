/**
 * Ranks from 1, equal values sharing the mean of their places.
 * @example midRanks([5, 9, 5]) // [1.5, 3, 1.5]
 */
export function midRanks(values: readonly number[]): number[] {
  return values.map((value) => {
    const below = values.filter((other) => other < value).length
    const equal = values.filter((other) => other === value).length
    return below + (equal + 1) / 2
  })
}
