import { firstOf, defined } from '../defined'
import { median } from 'simple-statistics'
import {
  cellsOf,
  residualModel,
  theilSen,
  type Cell,
  type Comparison,
  type ResidualModel,
  type Score,
} from '../evidence'
import type { Slot } from '../entries'

/** Where a reading may be looked for, from what has been read before it. */
export interface ExpectedReading {
  value: number
  /** How far one such reading usually lies from it. */
  spread: number
  /** How many readings the spread rests on, less what was fitted: with few of them it is itself a rough figure. */
  freedom: number
  /** From others at the same level, or from the trend of the other levels. */
  by: 'level' | 'trend'
}

/** Groups differ by about this share of what they read, until there are enough of them to tell. */
const usualGroupSpread = 0.15
/** Few levels say little of a trend. */
const levelsForTrend = 3

/**
 * What a group may be expected to read in a slot: from the other readings of its level, with what the group reads more or less
 * than others elsewhere; for the first readings of a level from the trend of the other levels.
 * @param others the scores of all other slots
 * @returns null while too little has been read
 * @example expectedReading(comparison, others, slot)?.value // 41.2
 */
export function expectedReading(
  comparison: Comparison,
  others: readonly Score[],
  { groupId, levelId }: Pick<Slot, 'groupId' | 'levelId'>,
): ExpectedReading | null {
  if (levelId === null) return null
  const cells = cellsOf(
    comparison,
    others.filter((score) => Number.isFinite(score.value)),
  )
  if (cells.length === 0) return null
  const model = residualModel(cells, comparison)
  if (model.freedom < 2) return null
  const here = cells.filter((cell) => cell.levelId === levelId)
  const count = here.reduce((sum, cell) => sum + cell.values.length, 0)
  if (count < 2) return fromTrend(comparison, cells, model, groupId, levelId)
  const value = defined(model.fit(groupId, levelId))
  const scale = model.scale(levelId)
  // The middle of few readings is rough itself.
  const spread = Math.hypot(scale, scale / Math.sqrt(count), ofGroup(model, groupId, levelId, value))
  return { value, spread, freedom: model.freedom, by: 'level' }
}

/** How far a group that has read nothing yet may lie from the others. */
function ofGroup(model: ResidualModel, groupId: string, levelId: string, value: number): number {
  if (model.knows(groupId)) return 0
  return model.groupSpread(levelId) ?? usualGroupSpread * Math.abs(value)
}

function fromTrend(
  { levels }: Comparison,
  cells: readonly Cell[],
  model: ResidualModel,
  groupId: string,
  levelId: string,
): ExpectedReading | null {
  const x = levels.find((level) => level.id === levelId)?.value
  const points = levels.flatMap(({ id, value }) => {
    const tested = cells.some((cell) => cell.levelId === id)
    return value === null || !tested || id === levelId
      ? []
      : [[value, defined(model.fit(groupId, id))] as const]
  })
  if (x === null || x === undefined || points.length < levelsForTrend) return null
  const slope = theilSen([points])
  if (slope === null) return null
  const start = median(points.map(([at, y]) => y - slope * at))
  const value = start + slope * x
  const nearest = firstOf([...points].sort((a, b) => Math.abs(a[0] - x) - Math.abs(b[0] - x)))
  const nearestId = defined(levels.find((level) => level.value === nearest[0])).id
  const misfit = Math.max(...points.map(([at, y]) => Math.abs(y - start - slope * at)))
  // A trend need not go on as it began: a quarter of the way from the nearest level is left open.
  const onward = Math.abs(value - nearest[1]) / 4
  const spread = Math.hypot(model.scale(nearestId), misfit, onward, ofGroup(model, groupId, nearestId, value))
  return { value, spread, freedom: model.freedom, by: 'trend' }
}
