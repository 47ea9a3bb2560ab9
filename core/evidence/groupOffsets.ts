import { defined } from '../defined'
import { median } from 'simple-statistics'
import type { Cell } from './cells'
import { medianPolish } from './medianPolish'
import { oddScore } from './oddReadings'

/** A group whose readings are all higher or all lower than the other groups'. */
export interface GroupOffset {
  groupId: string
  /** How much higher (positive) or lower, in the unit of the values. */
  offset: number
}

/**
 * Groups that always read high or low, by median polish of groups x levels: a row effect that stands apart
 * from the other rows by a modified z-score of more than 3.5, never finer than the reading error. A hint to
 * look at the set-up, not a verdict.
 *
 * @param cells the cells of the lesson; fewer than four groups give no hint
 * @param readingError standard deviation of one reading, in the unit of the values
 * @example groupOffsets(cells, 0.29) // []; [{ groupId: 'moon', offset: 5 }] for one that reads 5 more than the others
 */
export function groupOffsets(cells: readonly Cell[], readingError: number): GroupOffset[] {
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const levelIds = [...new Set(cells.map((cell) => cell.levelId))]
  if (groupIds.length < 4 || levelIds.length < 2) return []
  const at = new Map(cells.map((cell) => [`${cell.groupId}|${cell.levelId}`, cell.summary.centre]))
  const { rows } = medianPolish(
    groupIds.map((groupId) => levelIds.map((levelId) => at.get(`${groupId}|${levelId}`) ?? null)),
  )
  const scale = Math.max(median(rows.map(Math.abs)) / 0.6745, readingError)
  return groupIds.flatMap((groupId, index) =>
    Math.abs(defined(rows[index])) / scale > oddScore
      ? [{ groupId, offset: Number(defined(rows[index]).toPrecision(6)) }]
      : [],
  )
}
