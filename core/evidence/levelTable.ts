import type { Level } from '../plan'
import type { Cell } from './cells'
import { levelResults } from './cells'

/**
 * What a verdict is made from, in plain numbers: real and virtual classes are both brought into this form
 * and judged by the same code.
 */
export interface LevelTable {
  levels: number
  /** Groups; or, when only one group has tested, its rounds of tries. */
  blocks: number
  /** Whether blocks are rounds of one group, so that only tries replicate. */
  rounds: boolean
  /** What each block got at each level, block by block; NaN where it has nothing. */
  values: Float64Array
  /** The result of each level, groups weighing the same; NaN where nobody tested it. */
  centres: Float64Array
  /** The least and the greatest try of each level over the whole class. */
  least: Float64Array
  greatest: Float64Array
}

/**
 * An empty table with room for so many levels and blocks.
 * @example emptyTable(3, 4).values.length // 12
 */
export function emptyTable(levels: number, blocks: number, rounds: boolean): LevelTable {
  return {
    levels,
    blocks,
    rounds,
    values: new Float64Array(levels * blocks).fill(NaN),
    centres: new Float64Array(levels).fill(NaN),
    least: new Float64Array(levels).fill(NaN),
    greatest: new Float64Array(levels).fill(NaN),
  }
}

/**
 * The table of real cells. Blocks are the groups; when only one group has tested they are its rounds of
 * tries, first tries with first tries and so on.
 * @param levels in the order of comparison
 * @example levelTable(levels, cells).blocks // 6
 */
export function levelTable(levels: readonly Level[], cells: readonly Cell[]): LevelTable {
  const place = new Map(levels.map((level, index) => [level.id, index]))
  const known = cells.filter((cell) => place.has(cell.levelId))
  const groupIds = [...new Set(known.map((cell) => cell.groupId))]
  const rounds = groupIds.length === 1
  const blocks = rounds ? Math.max(0, ...known.map((cell) => cell.values.length)) : groupIds.length
  const table = emptyTable(levels.length, blocks, rounds)
  for (const cell of known) {
    const level = place.get(cell.levelId)!
    if (rounds) cell.values.forEach((value, round) => (table.values[round * levels.length + level] = value))
    else table.values[groupIds.indexOf(cell.groupId) * levels.length + level] = cell.summary.centre
  }
  for (const result of levelResults(levels, known)) {
    const level = place.get(result.level.id)!
    table.centres[level] = result.centre
    table.least[level] = result.least
    table.greatest[level] = result.greatest
  }
  return table
}

/**
 * A block without its empty places.
 * @example presentIn(table, 0) // [13, 26, 38]
 */
export function presentIn({ values, levels }: LevelTable, block: number): number[] {
  return [...values.subarray(block * levels, (block + 1) * levels)].filter((value) => !Number.isNaN(value))
}
