import { median } from 'simple-statistics'
import type { Cell } from './cells'

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

/**
 * The distance of an outer try from the middle one of three is wider than that of a try from the true middle, and
 * a lesson has dozens of cells to look at; with this factor a clean lesson has a reading flagged in about one of ten.
 */
const ofCell = 1.35

/**
 * Readings that stand apart from the other tries of the same cell, by modified z-score of their distance
 * from the cell's median, 0.6745 x distance / MAD. The MAD is taken over the distances of all cells, since
 * three tries alone say little; one zero distance of each cell of an odd number of tries is left out, because
 * it is there by construction. Where distances grow with the value the scale grows with them: as a power of the
 * level's middle between 0 (the same wobble everywhere) and 1 (in proportion), fitted to the levels. It is never finer
 * than the reading error, so that a steady hand is not punished.
 *
 * Source: B. Iglewicz and D. Hoaglin, How to Detect and Handle Outliers (1993), section 3.
 *
 * Within a cell the furthest reading is judged first and taken out before the others are.
 *
 * @param cells cells of fewer than three tries are passed over: of two, nobody knows which is odd
 * @param readingError standard deviation of one reading, in the unit of the values
 * @example oddReadings([cell(62, 64, 640)], 0.29)[0].value // 640
 */
export function oddReadings(cells: readonly Cell[], readingError: number): OddReading[] {
  const replicated = cells.filter((cell) => cell.values.length >= 3 && cell.values.every(Number.isFinite))
  if (replicated.length === 0) return []
  const middles = levelMiddles(replicated)
  const power = wobblePower(replicated, middles, readingError)
  const grown = (levelId: string) => Math.max(middles.get(levelId)!, readingError) ** power
  const distances = replicated.flatMap((cell) => distancesIn(cell).map((away) => away / grown(cell.levelId)))
  const usual = median(distances) / 0.6745
  return replicated.flatMap((cell) =>
    oddInCell(cell, ofCell * Math.max(usual * grown(cell.levelId), readingError)),
  )
}

/** Distances from the cell's median, without the one that is nought by construction. */
function distancesIn({ values }: Cell): number[] {
  const middle = median(values)
  const away = values.map((value) => Math.abs(value - middle)).sort((a, b) => a - b)
  return values.length % 2 === 1 ? away.slice(1) : away
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
function wobblePower(cells: readonly Cell[], middles: Map<string, number>, readingError: number): number {
  const points = [...middles].flatMap(([levelId, middle]) => {
    if (middle <= 0) return []
    const own = cells.filter((cell) => cell.levelId === levelId).flatMap(distancesIn)
    return [[Math.log(middle), Math.log(Math.hypot(median(own), readingError))] as const]
  })
  const mean = (place: 0 | 1) => points.reduce((sum, point) => sum + point[place], 0) / points.length
  const [x, y] = [mean(0), mean(1)]
  const spread = points.reduce((sum, point) => sum + (point[0] - x) ** 2, 0)
  if (points.length < 2 || spread < 1e-6) return 0
  const slope = points.reduce((sum, point) => sum + (point[0] - x) * (point[1] - y), 0) / spread
  return Math.min(1, Math.max(0, slope))
}

/** Takes the furthest reading out first: left in, it would drag the middle away and make its neighbours look odd. */
function oddInCell({ groupId, levelId, tries }: Cell, scale: number): OddReading[] {
  const kept = [...tries]
  const odd: OddReading[] = []
  while (kept.length >= 3) {
    const middle = median(kept.map((one) => one.value))
    const away = (one: { value: number }) => Math.abs(one.value - middle)
    const furthest = kept.reduce((far, one) => (away(one) > away(far) ? one : far))
    const score = away(furthest) / scale
    if (score <= oddScore) break
    kept.splice(kept.indexOf(furthest), 1)
    odd.push({
      id: furthest.id,
      groupId,
      levelId,
      value: furthest.value,
      others: kept.map((one) => one.value),
      score,
    })
  }
  return odd
}
