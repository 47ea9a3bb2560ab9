import type { Level, Plan } from '../plan'
import { cellsOf, levelResults, type Cell, type LevelResult } from './cells'
import type { Comparison } from './comparison'
import { coverageOf, looksOf, type Coverage } from './coverage'
import { driftOf, type Drift } from './drift'
import { groupOffsets, type GroupOffset } from './groupOffsets'
import { kindsEvidence, type KindsEvidence } from './kindsEvidence'
import { oddReadings, type OddReading } from './oddReadings'
import type { Score } from './score'
import { partOfMark, tableOf, type ScoreTable } from './scoreTable'
import { trendEvidence, type TrendEvidence } from './trendEvidence'

/** Everything that scores say. */
export interface Evidence {
  comparison: Comparison
  /** Group ids in the order of the table's groups. */
  groupIds: string[]
  table: ScoreTable
  cells: Cell[]
  results: LevelResult[]
  odd: OddReading[]
  offsets: GroupOffset[]
  coverage: Coverage
  /** Whether later tries come out otherwise than earlier ones; null where scores have no distances. */
  drift: Drift | null
  judgement: TrendEvidence | KindsEvidence
  /** Where the sides of one thing are compared: what each level shows by itself, and what another quantity shows; else empty. */
  strands: Strand[]
}

/** A finding beside that of the whole: of one level, of another quantity, or of both. */
export interface Strand {
  /** The plan as this quantity is compared. */
  plan: Plan
  level: Level | null
  evidence: Evidence
}

/**
 * Weighs scores: cells, level results, odd scores, group offsets and the verdict. Virtual classes are judged
 * by the same `judgeTrend` and `judgeKinds`.
 * @example weighEvidence(comparison, scores).judgement.verdict.word // 'clear'
 */
export function weighEvidence(comparison: Comparison, scores: readonly Score[]): Evidence {
  const { levels, error, scale } = comparison
  const cells = cellsOf(comparison, scores)
  const results = levelResults(levels, cells, scale)
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const coverage = coverageOf(comparison, cells)
  const table = {
    ...tableOfCells(comparison, cells, groupIds),
    looks: looksOf(comparison, coverage),
    chosenFrom: comparison.chosenFrom,
  }
  return {
    comparison,
    groupIds,
    table,
    cells,
    results,
    // How far something stands apart can only be said of distances.
    odd: scale === 'number' ? oddReadings(cells, comparison) : [],
    offsets: scale === 'number' ? groupOffsets(cells, error) : [],
    coverage,
    drift: scale === 'number' ? driftOf(cells) : null,
    judgement: comparison.ordered
      ? trendEvidence(comparison, table, cells)
      : kindsEvidence(comparison, table, cells, results),
    strands: [],
  }
}

function tableOfCells(comparison: Comparison, cells: readonly Cell[], groupIds: string[]): ScoreTable {
  const { levels, summary } = comparison
  const at = new Map(cells.map((cell) => [`${cell.groupId}|${cell.levelId}`, cell]))
  const unit = partOfMark(comparison)
  const { place, latest } = placesOf(cells, unit)
  const table = tableOf(
    groupIds.map((groupId) => levels.map(({ id }) => at.get(`${groupId}|${id}`)?.tries.map(place) ?? [])),
    summary,
  )
  const mark = comparison.scale === 'number' ? comparison.mark / unit : 0
  return { ...table, unit, latest, mark, inHeats: comparison.inHeats }
}

/** Those that never came behind all that did, the nearer to it first. */
function placesOf(cells: readonly Cell[], unit: number): { place: (score: Score) => number; latest: number } {
  const tries = cells.flatMap((cell) => cell.tries)
  if (!tries.some((one) => one.short !== undefined))
    return {
      place: unit === 1 ? (one) => one.value : (one) => Math.round(one.value / unit),
      latest: Infinity,
    }
  const latest = Math.max(0, ...tries.map((one) => one.value).filter(Number.isFinite))
  return { place: ({ value, short }) => (short === undefined ? value : latest + 1 + short), latest }
}
