import { defined } from '../defined'
import { mean, median } from 'simple-statistics'
import type { Cell } from './cells'
import type { Comparison } from './comparison'
import { medianPolish } from './medianPolish'

/** What readings would be if groups and levels were all there is, and how far they scatter about it. */
export interface ResidualModel {
  /** What a group would read at a level, in the unit of the values; null where the level has no reading. */
  fit: (groupId: string, levelId: string) => number | null
  /** The spread of a reading at a level. */
  scale: (levelId: string) => number
  /** How far groups lie apart, as a spread, at a level; null with fewer than three of them. */
  groupSpread: (levelId: string) => number | null
  /** Readings less what was fitted to them: how much the spread may be trusted. */
  freedom: number
  /** Whether the group has readings of its own. */
  knows: (groupId: string) => boolean
}

/**
 * Fits groups and levels to cells by median polish, and a spread to what is left. Where tries scatter more at larger values
 * the spread grows with them: values are first divided by a power of their level's middle between 0 (the same wobble
 * everywhere) and 1 (in proportion), fitted to the levels.
 * @param cells at least one, with finite values
 * @param resolution the mark, and the standard deviation of one reading, in the unit of the values
 * @example residualModel(cells, { mark: 1, error: 0.29 }).scale('h40') // 0.68
 */
export function residualModel(
  cells: readonly Cell[],
  { mark, error }: Pick<Comparison, 'mark' | 'error'>,
): ResidualModel {
  const finest = Math.max(error, mark / Math.sqrt(12))
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const middles = levelMiddles(cells)
  const levelIds = [...middles.keys()]
  const power = wobblePower(cells, middles, mark)
  const grown = (levelId: string) => Math.max(middles.get(levelId) ?? finest, finest) ** power
  const at = new Map(cells.map((cell) => [`${cell.groupId}|${cell.levelId}`, cell]))
  const { overall, rows, columns } = medianPolish(
    groupIds.map((groupId) =>
      levelIds.map((levelId) => {
        const cell = at.get(`${groupId}|${levelId}`)
        return cell ? median(cell.values) / grown(levelId) : null
      }),
    ),
  )
  const fit = (groupId: string, levelId: string) => {
    const column = columns[levelIds.indexOf(levelId)]
    if (column === undefined) return null
    return (overall + (rows[groupIds.indexOf(groupId)] ?? 0) + column) * grown(levelId)
  }
  const fitted = groupIds.length + levelIds.length - 1
  const residuals = cells.flatMap((cell) =>
    cell.values.map((value) => ({
      away: Math.abs(value - defined(fit(cell.groupId, cell.levelId))),
      grown: grown(cell.levelId),
    })),
  )
  const usual = spreadOf(residuals, mark, fitted)
  const ofGroups = groupIds.length < 3 ? null : median(rows.map(Math.abs)) / 0.6745
  return {
    fit,
    scale: (levelId) => Math.max(Math.hypot(usual * grown(levelId), mark / Math.sqrt(12)), finest),
    groupSpread: (levelId) => (ofGroups === null ? null : ofGroups * grown(levelId)),
    freedom: residuals.length - fitted,
    knows: (groupId) => groupIds.includes(groupId),
  }
}

/**
 * The spread of residuals on the scale where it is the same at all levels: from their MAD first, then from all that lie
 * within 3.5 of that, since the MAD of a few dozen residuals is itself a rough figure.
 * @param fittedNumbers how many numbers were fitted before, which the residuals have lost
 */
function spreadOf(
  residuals: readonly { away: number; grown: number }[],
  mark: number,
  fittedNumbers: number,
): number {
  const first =
    median(residuals.flatMap(({ away, grown }) => spreadOut([away], mark).map((one) => one / grown))) / 0.6745
  const rounding = mark ** 2 / 12
  const near = residuals
    .map(({ away, grown }) => ({ away: away / grown, grown }))
    .filter(({ away }) => away <= 3.5 * first)
  // Of a normal spread cut off there, 99.4% of the mean square is left.
  const square = near.reduce((sum, { away, grown }) => sum + (away * away) / 0.994 - rounding / grown ** 2, 0)
  return Math.sqrt(Math.max(0, square / Math.max(1, near.length - fittedNumbers)))
}

/** Distances from the cell's median, without the one that is nought by construction. */
function distancesIn({ values }: Cell): number[] {
  const middle = median(values)
  const away = values.map((value) => Math.abs(value - middle)).sort((a, b) => a - b)
  return values.length % 2 === 1 ? away.slice(1) : away
}

/**
 * Distances as they may have been before they were read to a mark: each stands for a row of them within half a mark, so
 * that coarse readings, of which half differ by nothing, still have a middle distance.
 */
function spreadOut(distances: readonly number[], mark: number): number[] {
  return distances.flatMap((away) =>
    [1, 3, 5, 7].map((eighth) => (away === 0 ? (mark * eighth) / 16 : away + (mark * (eighth - 4)) / 8)),
  )
}

function levelMiddles(cells: readonly Cell[]): Map<string, number> {
  const levelIds = [...new Set(cells.map((cell) => cell.levelId))]
  return new Map(
    levelIds.map((levelId) => [
      levelId,
      Math.abs(median(cells.filter((cell) => cell.levelId === levelId).map((cell) => median(cell.values)))),
    ]),
  )
}

/** The power of the middle that the wobble grows with: the least-squares slope of logarithms, kept from 0 to 1. */
function wobblePower(cells: readonly Cell[], middles: Map<string, number>, mark: number): number {
  const points = [...middles].flatMap(([levelId, middle]) => {
    const own = cells.filter((cell) => cell.levelId === levelId).flatMap(distancesIn)
    if (middle <= 0 || own.length === 0) return []
    // Three roundings are in a distance spread out; what is left of it is the wobble itself.
    const wobble = (innerMean(spreadOut(own, mark)) / 0.6) ** 2 - mark ** 2 / 8
    return [[Math.log(middle), Math.log(Math.max(wobble, mark ** 2 / 50)) / 2] as const]
  })
  if (points.length < 2) return usualPower
  const [x, y] = [mean(points.map((point) => point[0])), mean(points.map((point) => point[1]))]
  const spread = points.reduce((sum, point) => sum + (point[0] - x) ** 2, 0)
  const joint = points.reduce((sum, point) => sum + (point[0] - x) * (point[1] - y), 0)
  return Math.min(1, Math.max(0, (joint + usualPower * priorSpread) / (spread + priorSpread)))
}

/** Levels close together say little about how the wobble grows; then it is taken to grow with a good half of the value. */
const usualPower = 0.75
const priorSpread = 0.6

/** The mean of the smaller four fifths, which a slip or two cannot reach. */
function innerMean(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return mean(sorted.slice(0, Math.ceil(sorted.length * 0.8)))
}
