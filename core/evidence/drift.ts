import { defined, lastOf } from '../defined'
import { median } from 'simple-statistics'
import type { Cell } from './cells'
import { pageTrend } from './pageTrend'

/** That later tries come out higher, or lower, than earlier ones at the same place. */
export interface Drift {
  direction: 'rising' | 'falling'
  /** How much lies between the first try of a cell and its last, in the middle of the cells. */
  amount: number
}

/** Looked for in every lesson, so it has to be rarer by chance than what the lesson asks. */
const driftAt = 0.01
/** So many of a page's levels are tested at most. */
const mostTries = 12

/**
 * Whether tries drift: Page's test along the tries, each group at each level a block of its own.
 * @returns null where they do not, or where nothing was tried twice
 * @example driftOf(cells) // null
 */
export function driftOf(cells: readonly Cell[]): Drift | null {
  const rows = cells.flatMap((cell) => {
    const tries = [...cell.tries].sort((a, b) => a.tryNumber - b.tryNumber).map((one) => one.value)
    return tries.length < 2 || tries.some((value) => !Number.isFinite(value))
      ? []
      : [tries.slice(0, mostTries)]
  })
  if (rows.length === 0) return null
  const { pRising, pFalling } = pageTrend(rows)
  if (2 * Math.min(pRising, pFalling) > driftAt) return null
  return {
    direction: pRising < pFalling ? 'rising' : 'falling',
    amount: Math.abs(median(rows.map((tries) => lastOf(tries) - defined(tries[0])))),
  }
}
