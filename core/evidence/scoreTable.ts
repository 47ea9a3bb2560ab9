import { defined } from '../defined'
import type { Summary } from '../plan'
import { stripRoundingNoise } from '../quantity'
import { centreOf } from './cellSummary'
import { allIn, type Looks } from './looks'
import type { ScoreScale } from './score'

/**
 * The scores of a class in plain numbers, group by group and level by level: real and virtual classes are both
 * brought into this form and judged by the same code.
 */
export interface ScoreTable {
  levels: number
  groups: number
  /** Room for tries in each cell. */
  room: number
  /** Try t of group g at level l stands at (g · levels + l) · room + t; only the first `counts` of a cell hold. */
  values: Float64Array
  /** How many tries each cell has, by g · levels + l. */
  counts: Int32Array
  /** One number for each cell, NaN where it is empty, by g · levels + l. */
  centres: Float64Array
  /** What 1 in this table is in the unit of the scores, so that values of readings are whole numbers here. */
  unit: number
  /** The smallest difference that two scores can show, in this table; 0 where they have no distances. */
  mark: number
  /** Whether tries of one number belong together, so that they are compared with each other alone: heats of a race, orders out of pairs. */
  inHeats: boolean
  /** How much of what was planned is in it. */
  looks: Looks
  /** From how many stretches of levels this one was chosen after looking; 1 for all levels, and for one that was chosen before. */
  chosenFrom: number
  /** Scores beyond this one never came: they stand in an order, and no amount can be said of them. */
  latest: number
}

/**
 * What can be divided by every number of tries up to ten. In such parts of a mark readings, their means and middles and all
 * differences are whole numbers: rounding dust, which is another in each unit, makes and breaks no tie.
 */
const partsOfMark = 2520

/**
 * The part of a mark that scores are counted in; 1 where they have no distances.
 * @example partOfMark({ scale: 'number', mark: 2520 }) // 1
 */
export const partOfMark = ({ scale, mark }: { scale: ScoreScale; mark: number }): number =>
  scale === 'number' && mark > 0 ? mark / partsOfMark : 1

/**
 * An empty table with room for so many tries in each cell.
 * @example emptyTable(3, 4, 2).values.length // 24
 */
export function emptyTable(levels: number, groups: number, room: number): ScoreTable {
  return {
    levels,
    groups,
    room,
    values: new Float64Array(levels * groups * room).fill(NaN),
    counts: new Int32Array(levels * groups),
    centres: new Float64Array(levels * groups).fill(NaN),
    unit: 1,
    mark: 0,
    inHeats: false,
    looks: allIn,
    chosenFrom: 1,
    latest: Infinity,
  }
}

/**
 * The table of given tries.
 * @param tries group by group, level by level; an empty list where a group has nothing at a level
 * @example tableOf([[[11, 12], [20]], [[10], []]], 'median').counts.join(' ') // '2 1 1 0'
 */
export function tableOf(tries: readonly (readonly (readonly number[])[])[], summary: Summary): ScoreTable {
  const levels = Math.max(0, ...tries.map((group) => group.length))
  const room = Math.max(1, ...tries.flat().map((cell) => cell.length))
  const table = emptyTable(levels, tries.length, room)
  tries.forEach((group, g) =>
    group.forEach((cell, l) => {
      const at = g * levels + l
      table.values.set(cell, at * room)
      table.counts[at] = cell.length
    }),
  )
  summarise(table, summary)
  return table
}

/** Works out the centre of each cell anew, by the plan's way of summing up. */
export function summarise({ values, counts, centres, room }: ScoreTable, summary: Summary): void {
  for (let cell = 0; cell < counts.length; cell++)
    centres[cell] = counts[cell] === 0 ? NaN : centreOf(values, cell * room, defined(counts[cell]), summary)
}

/**
 * Amounts of a table in the unit of the scores.
 * @example inScores(Float64Array.of(5040), { unit: 0.1 / 2520 })[0] // 0.2
 */
export function inScores(amounts: Float64Array, { unit }: Pick<ScoreTable, 'unit'>): Float64Array {
  return unit === 1 ? amounts : amounts.map((amount) => stripRoundingNoise(amount * unit))
}

/**
 * Whether any try at a level never came.
 * @example hasUnreached(tableOf([[[5], [Infinity]]], 'median'), 1) // true
 */
export function hasUnreached(
  { values, counts, levels, groups, room, latest }: ScoreTable,
  level: number,
): boolean {
  for (let group = 0; group < groups; group++) {
    const cell = group * levels + level
    for (let one = 0; one < defined(counts[cell]); one++) {
      const value = defined(values[cell * room + one])
      if (value > latest || !Number.isFinite(value)) return true
    }
  }
  return false
}

/**
 * Whether any cell has a second try.
 * @example isReplicated(tableOf([[[1], [2]]], 'mean')) // false
 */
export function isReplicated({ counts }: ScoreTable): boolean {
  for (let cell = 0; cell < counts.length; cell++) if (defined(counts[cell]) > 1) return true
  return false
}

/**
 * How many groups have something at two levels or more; the others compare nothing.
 * @example comparingGroups(table) // 2
 */
export function comparingGroups({ counts, levels, groups }: ScoreTable): number {
  let comparing = 0
  for (let group = 0; group < groups; group++) {
    let present = 0
    for (let level = 0; level < levels; level++) if (defined(counts[group * levels + level]) > 0) present++
    if (present >= 2) comparing++
  }
  return comparing
}

/**
 * The result of each level, groups weighing the same however many tries they made; NaN where nobody has been.
 * @example levelMeans(table)[0] // 11.5
 */
export function levelMeans({ centres, levels, groups }: ScoreTable): Float64Array {
  return Float64Array.from({ length: levels }, (_, level) => {
    let sum = 0
    let count = 0
    for (let group = 0; group < groups; group++) {
      const centre = defined(centres[group * levels + level])
      if (Number.isNaN(centre)) continue
      sum += centre
      count++
    }
    return count === 0 ? NaN : stripRoundingNoise(sum / count)
  })
}
