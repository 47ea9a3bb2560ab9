import type { Evidence } from './evidence'

/** Steps in which people round: 1, 2, 5, 10, … */
const ladder = [1, 2, 5]

/**
 * The step to which an amount between two levels may be said: a mark, or, where tries wobble, about as far as chance moves the difference
 * of two levels.
 *
 * @param wobble standard deviation of one try about the middle of its own cell
 * @param readings how many tries each level has
 * @returns in the unit of the mark
 * @throws RangeError when the mark is not above nought
 * @example supportedStep({ mark: 0.1, wobble: 1.5, readings: 18 }) // 0.5
 */
export function supportedStep({
  mark,
  wobble,
  readings,
  inHalves = false,
}: {
  mark: number
  wobble: number
  readings: number
  /** Whether what is below a whole is said in halves, quarters, eighths, as inches are. */
  inHalves?: boolean
}): number {
  if (!(mark > 0)) throw new RangeError('a mark is above nought')
  const moved = wobble * Math.sqrt(2 / Math.max(1, readings))
  if (moved <= mark) return mark
  if (inHalves && moved < 1) return Math.max(mark, 2 ** Math.floor(Math.log2(moved) + 1e-9))
  const power = 10 ** Math.floor(Math.log10(moved))
  const step = Math.max(...ladder.map((one) => one * power).filter((one) => one <= moved * (1 + 1e-9)))
  return Math.max(mark, step)
}

/**
 * How far tries lie about the middles of their own cells, and how many there are at each level.
 * @example wobbleOf(evidence).readings // 9: three groups with three tries
 */
export function wobbleOf({ cells, results }: Pick<Evidence, 'cells' | 'results'>): {
  wobble: number
  readings: number
} {
  let [squares, freedom, readings] = [0, 0, 0]
  for (const { values } of cells) {
    const known = values.filter(Number.isFinite)
    readings += known.length
    if (known.length < 2) continue
    const middle = known.reduce((sum, value) => sum + value, 0) / known.length
    squares += known.reduce((sum, value) => sum + (value - middle) ** 2, 0)
    freedom += known.length - 1
  }
  return {
    wobble: freedom === 0 ? 0 : Math.sqrt(squares / freedom),
    readings: readings / Math.max(1, results.length),
  }
}
