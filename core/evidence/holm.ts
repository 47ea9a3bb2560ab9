/**
 * Which of several chances are small enough when all are judged together: the smallest against alpha over their
 * number, the next against one fewer, and so on until one is too large.
 *
 * Source: S. Holm, Scandinavian Journal of Statistics 6 (1979) 65–70.
 * @example holm([0.01, 0.04, 0.03], 0.05) // [true, false, false]
 */
export function holm(chances: readonly number[], alpha: number): boolean[] {
  const passed = chances.map(() => false)
  const order = chances.map((_, index) => index).sort((a, b) => chances[a]! - chances[b]!)
  for (const [place, index] of order.entries()) {
    if (chances[index]! > alpha / (chances.length - place)) break
    passed[index] = true
  }
  return passed
}
