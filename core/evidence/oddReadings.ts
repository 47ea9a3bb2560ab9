import { mean, median } from 'simple-statistics'
import type { Cell } from './cells'
import type { Comparison } from './comparison'
import { medianPolish } from './medianPolish'

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
const fromOthers = 3.2

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
  const finest = Math.max(error, mark / Math.sqrt(12))
  const middles = levelMiddles(replicated)
  const power = wobblePower(replicated, middles, mark)
  const grown = (levelId: string) => Math.max(middles.get(levelId)!, finest) ** power
  const fitted = fittedCells(replicated, grown)
  const usual = scaleOf(
    replicated.flatMap((cell) =>
      cell.values.map((value) => ({
        away: Math.abs(value - fitted.get(cell)!),
        grown: grown(cell.levelId),
      })),
    ),
    mark,
    new Set(replicated.map((cell) => cell.groupId)).size + middles.size - 1,
  )
  return replicated.flatMap((cell) =>
    oddInCell(
      cell,
      fitted.get(cell)!,
      Math.max(Math.hypot(usual * grown(cell.levelId), mark / Math.sqrt(12)), finest),
    ),
  )
}

/**
 * The spread of residuals on the scale where it is the same at all levels: from their MAD first, then from all that lie
 * within 3.5 of that, since the MAD of a few dozen residuals is itself a rough figure.
 * @param fittedNumbers how many numbers were fitted before, which the residuals have lost
 */
function scaleOf(
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

/** What each cell would read if groups and levels were all there is, in the unit of the values. */
function fittedCells(cells: readonly Cell[], grown: (levelId: string) => number): Map<Cell, number> {
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const levelIds = [...new Set(cells.map((cell) => cell.levelId))]
  const at = new Map(cells.map((cell) => [`${cell.groupId}|${cell.levelId}`, cell]))
  const { overall, rows, columns } = medianPolish(
    groupIds.map((groupId) =>
      levelIds.map((levelId) => {
        const cell = at.get(`${groupId}|${levelId}`)
        return cell ? median(cell.values) / grown(levelId) : null
      }),
    ),
  )
  return new Map(
    cells.map((cell) => {
      const fit = overall + rows[groupIds.indexOf(cell.groupId)]! + columns[levelIds.indexOf(cell.levelId)]!
      return [cell, fit * grown(cell.levelId)]
    }),
  )
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
    if (middle <= 0) return []
    const own = cells.filter((cell) => cell.levelId === levelId).flatMap(distancesIn)
    // Three roundings are in a distance spread out; what is left of it is the wobble itself.
    const wobble = (innerMean(spreadOut(own, mark)) / 0.6) ** 2 - mark ** 2 / 8
    return [[Math.log(middle), Math.log(Math.max(wobble, mark ** 2 / 50)) / 2] as const]
  })
  if (points.length < 2) return 0
  const [x, y] = [mean(points.map((point) => point[0])), mean(points.map((point) => point[1]))]
  const spread = points.reduce((sum, point) => sum + (point[0] - x) ** 2, 0)
  const joint = points.reduce((sum, point) => sum + (point[0] - x) * (point[1] - y), 0)
  return Math.min(1, Math.max(0, (joint + usualPower * priorSpread) / (spread + priorSpread)))
}

/** Levels close together say little about how the wobble grows; then it is taken to grow with a good half of the value. */
const usualPower = 0.7
const priorSpread = 0.5

/** The mean of the smaller four fifths, which a slip or two cannot reach. */
function innerMean(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return mean(sorted.slice(0, Math.ceil(sorted.length * 0.8)))
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
