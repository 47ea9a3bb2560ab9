import { mean, median, mode } from 'simple-statistics'
import type { Summary } from '../plan'

/** Several tries of one thing, summed up. */
export interface CellSummary {
  count: number
  /** One number for all tries, by the plan's way of summing up; the median where the plan shows dots only. */
  centre: number
  least: number
  greatest: number
  /** How far the tries differ: greatest less least. */
  wobble: number
}

/**
 * Sums up the counted tries of one cell. "Most common" falls back to the median when no value is repeated.
 * @param values at least one value, all in one unit
 * @throws RangeError when there are no values.
 * @example summariseCell([62, 65, 66], 'median') // { count: 3, centre: 65, least: 62, greatest: 66, wobble: 4 }
 */
export function summariseCell(values: readonly number[], summary: Summary): CellSummary {
  if (values.length === 0) throw new RangeError('a cell without readings has no summary')
  const least = Math.min(...values)
  const greatest = Math.max(...values)
  return {
    count: values.length,
    centre: centreOf(values, summary),
    least,
    greatest,
    wobble: dust(greatest - least),
  }
}

function centreOf(values: readonly number[], summary: Summary): number {
  if (summary === 'mean') return dust(mean([...values]))
  if (summary === 'most-common' && new Set(values).size < values.length) return mode([...values])
  return dust(median([...values]))
}

const dust = (value: number) => Number(value.toPrecision(12))
