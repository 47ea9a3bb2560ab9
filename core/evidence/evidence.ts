import { readingError } from '../instrument'
import { hasOrder, orderedLevels, type Plan } from '../plan'
import { convertUnit } from '../quantity'
import type { Reading } from '../record'
import { cellsOf, levelResults, type Cell, type LevelResult } from './cells'
import { groupOffsets, type GroupOffset } from './groupOffsets'
import { kindsEvidence, type KindsEvidence } from './kindsEvidence'
import { oddReadings, type OddReading } from './oddReadings'
import { trendEvidence, type TrendEvidence } from './trendEvidence'

/** Everything that a lesson's readings say. */
export interface Evidence {
  cells: Cell[]
  results: LevelResult[]
  odd: OddReading[]
  offsets: GroupOffset[]
  finding: TrendEvidence | KindsEvidence
}

/**
 * Weighs a lesson's readings: cells, level results, odd readings, group offsets and the verdict. Virtual
 * classes are judged by the same `judgeTrend` and `judgeKinds`.
 * @param readings every reading ever made; superseded and set-aside ones are left out here
 * @example weighEvidence(plan, readings).finding.verdict.word // 'clear'
 */
export function weighEvidence(plan: Plan, readings: readonly Reading[]): Evidence {
  const levels = orderedLevels(plan)
  const cells = cellsOf(plan, readings)
  const results = levelResults(levels, cells)
  const { mark, error } = resolutionOf(plan)
  return {
    cells,
    results,
    odd: oddReadings(cells, error),
    offsets: groupOffsets(cells, error),
    finding: hasOrder(plan)
      ? trendEvidence(levels, cells, results, mark)
      : kindsEvidence(levels, cells, results, plan.best ?? 'most', mark),
  }
}

/**
 * The instrument's mark, or half of it where half marks are read, and the error of one reading, in the unit measured.
 * @example resolutionOf(plan) // { mark: 1, error: 0.2887 } for a metre stick read in cm
 */
export function resolutionOf({
  measured: { unit, instrument },
  rounding,
}: Pick<Plan, 'measured' | 'rounding'>): {
  mark: number
  error: number
} {
  const length = (amount: number) =>
    convertUnit(amount, instrument.unit, unit) - convertUnit(0, instrument.unit, unit)
  return {
    mark: Number(length(instrument.smallestMark / (rounding === 'half-mark' ? 2 : 1)).toPrecision(12)),
    error: length(readingError(instrument)),
  }
}
