import { itemAt } from '../defined'
import type { Score } from '../evidence'
import { orderedLevels, type Plan } from '../plan'
import type { Entry } from '../entries'
import type { ReadRow, Sides } from '../recording'
import { sideLevels } from './sidesPlan'

/**
 * What stands at each side, with a number of its own for each try of each level: the sides of one number belong together, and those that
 * have most of their sides come first. A side counts once those before it are read. Of several levels together only the tries count that
 * have all the sides which half of them have, so that no level weighs more on one side than on another.
 * @param levelId of one level alone; null for all of them
 * @example sideScores(dough, sides, counted)[0] // { id: 'leaf|flat|1|side-1', groupId: 'leaf', levelId: 'side-1', tryNumber: 1, value: 240 }
 */
export function sideScores(
  plan: Plan,
  sides: Sides,
  counted: readonly Entry[],
  levelId: string | null = null,
): Score[] {
  const places = orderedLevels(plan).map((level) => level.id)
  const levels = sideLevels(sides.names(plan))
  const rows = sides
    .rows(plan, counted)
    .filter((row) => places.includes(row.levelId) && (levelId === null || row.levelId === levelId))
    .map((row) => ({ ...row, read: readSides(row) }))
    .filter(({ read }) => read.length >= 2)
  const most = Math.max(plan.tries, ...rows.map((row) => row.tryNumber))
  const isMixed = levelId === null && places.length > 1
  const width = isMixed ? sidesOfHalf(rows, levels.length) : 0
  return rows
    .filter(({ read }) => read.length >= width)
    .sort((a, b) => b.read.length - a.read.length)
    .flatMap(({ groupId, levelId, tryNumber, read }) =>
      read.slice(0, width || read.length).map((value, side) => ({
        id: `${groupId}|${levelId}|${tryNumber}|${itemAt(levels, side).id}`,
        groupId,
        levelId: itemAt(levels, side).id,
        tryNumber: places.indexOf(levelId) * most + tryNumber,
        value,
      })),
    )
}

/** The sides that are read, as far as none before them is missing. */
function readSides({ values }: ReadRow): number[] {
  const missing = values.indexOf(null)
  return (missing < 0 ? values : values.slice(0, missing)) as number[]
}

/** How many sides at least half of the tries have. */
function sidesOfHalf(rows: readonly { read: readonly number[] }[], most: number): number {
  const having = (width: number) => rows.filter(({ read }) => read.length >= width).length
  for (let width = most; width > 2; width--) if (2 * having(width) >= rows.length) return width
  return 2
}

/**
 * How many tries have been begun and lack a side that others have, so that they count only in part.
 * @example unfinishedTries(dough, sides, counted) // 2
 */
export function unfinishedTries(plan: Plan, sides: Sides, counted: readonly Entry[]): number {
  const read = sides.rows(plan, counted).map((row) => readSides(row).length)
  return read.filter((count) => count < Math.max(2, ...read)).length
}
