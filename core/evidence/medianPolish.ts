import { median } from 'simple-statistics'

/** A two-way table taken apart: value = overall + row + column + rest. */
export interface Polish {
  overall: number
  rows: number[]
  columns: number[]
}

/**
 * Median polish of a two-way table: row and column medians are swept out in turn until nothing moves.
 * Empty places (null) are passed over.
 *
 * Source: J. W. Tukey, Exploratory Data Analysis (1977), chapter 11.
 *
 * @param table rows of equal length
 * @example medianPolish([[1, 2], [3, 4]]).rows // [-1, 1]
 */
export function medianPolish(table: readonly (readonly (number | null)[])[], sweeps = 20): Polish {
  const rest = table.map((row) => [...row])
  const rows = table.map(() => 0)
  const columns = (table[0] ?? []).map(() => 0)
  let overall = 0
  for (let sweep = 0; sweep < sweeps; sweep++) {
    let moved = 0
    rest.forEach((row, i) => {
      const step = medianOf(row)
      rows[i]! += step
      moved += Math.abs(step)
      row.forEach((value, j) => {
        if (value !== null) row[j] = value - step
      })
    })
    overall += recentre(columns)
    columns.forEach((_, j) => {
      const step = medianOf(rest.map((row) => row[j] ?? null))
      columns[j]! += step
      moved += Math.abs(step)
      for (const row of rest) if (row[j] !== null && row[j] !== undefined) row[j]! -= step
    })
    overall += recentre(rows)
    if (moved < 1e-9) break
  }
  overall += recentre(columns)
  return { overall, rows, columns }
}

function medianOf(values: readonly (number | null)[]): number {
  const present = values.filter((value): value is number => value !== null)
  return present.length === 0 ? 0 : median(present)
}

function recentre(effects: number[]): number {
  if (effects.length === 0) return 0
  const middle = median(effects)
  effects.forEach((_, index) => {
    effects[index]! -= middle
  })
  return middle
}
