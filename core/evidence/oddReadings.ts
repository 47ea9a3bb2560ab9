import { defined } from '../defined'
import { median } from 'simple-statistics'
import type { Cell } from './cells'
import type { Comparison } from './comparison'
import { residualModel } from './residualModel'

/** A reading that stands apart from the other tries of its cell. */
export interface OddReading {
  /** Identifies the score. */
  id: string
  groupId: string
  levelId: string
  value: number
  others: number[]
  score: number
}

/** Where a modified z-score counts as odd (Iglewicz & Hoaglin's recommendation). */
export const oddScore = 3.5

/** A try must also stand this far from the others of its cell: where all of a cell lie off, none of them is the odd one. */
const fromOthers = 3.1

/**
 * Readings that stand apart, by modified z-score of their residual, 0.6745 x residual / MAD: what is left of a reading
 * when the group and the level are taken off (median polish of the cells' middles), and only where it also stands apart
 * from the other tries of its cell. Where tries scatter more at larger values the scale grows with them: values are first
 * divided by a power of their level's middle between 0 (the same wobble everywhere) and 1 (in proportion), fitted to
 * the levels. The scale is never finer than the reading error, so that a steady hand is not punished.
 *
 * Source: B. Iglewicz and D. Hoaglin, How to Detect and Handle Outliers (1993), section 3; polish: J. W. Tukey,
 * Exploratory Data Analysis (1977), chapter 11.
 *
 * Within a cell the furthest reading is judged first and taken out before the others are.
 *
 * @param cells cells of fewer than three tries are passed over: of two, nobody knows which is odd
 * @param resolution the mark, and the standard deviation of one reading, in the unit of the values
 * @example oddReadings([cell(62, 64, 640)], { mark: 1, error: 0.29 })[0].value // 640
 */
export function oddReadings(
  cells: readonly Cell[],
  { mark, error }: Pick<Comparison, 'mark' | 'error'>,
): OddReading[] {
  const replicated = cells.filter((cell) => cell.values.length >= 3 && cell.values.every(Number.isFinite))
  if (replicated.length === 0) return []
  const model = residualModel(replicated, { mark, error })
  return replicated.flatMap((cell) =>
    oddInCell(cell, defined(model.fit(cell.groupId, cell.levelId)), model.scale(cell.levelId)),
  )
}

/** Takes the furthest reading out first: left in, it would drag the middle away and make its neighbours look odd. */
function oddInCell({ groupId, levelId, tries }: Cell, fit: number, scale: number): OddReading[] {
  const kept = [...tries]
  const odd: OddReading[] = []
  while (kept.length >= 3) {
    const away = (one: { value: number }) => Math.abs(one.value - fit)
    const furthest = kept.reduce((far, one) => (away(one) > away(far) ? one : far))
    const others = kept.filter((one) => one !== furthest).map((one) => one.value)
    const score = away(furthest) / scale
    if (score <= oddScore || Math.abs(furthest.value - median(others)) <= fromOthers * scale) break
    kept.splice(kept.indexOf(furthest), 1)
    odd.push({ id: furthest.id, groupId, levelId, value: furthest.value, others, score })
  }
  return odd
}
