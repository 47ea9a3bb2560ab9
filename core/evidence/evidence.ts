import { cellsOf, levelResults, type Cell, type LevelResult } from './cells'
import type { Comparison } from './comparison'
import { groupOffsets, type GroupOffset } from './groupOffsets'
import { kindsEvidence, type KindsEvidence } from './kindsEvidence'
import { oddReadings, type OddReading } from './oddReadings'
import type { Score } from './score'
import { trendEvidence, type TrendEvidence } from './trendEvidence'

/** Everything that scores say. */
export interface Evidence {
  cells: Cell[]
  results: LevelResult[]
  odd: OddReading[]
  offsets: GroupOffset[]
  finding: TrendEvidence | KindsEvidence
}

/**
 * Weighs scores: cells, level results, odd scores, group offsets and the verdict. Virtual classes are judged
 * by the same `judgeTrend` and `judgeKinds`.
 * @example weighEvidence(comparison, scores).finding.verdict.word // 'clear'
 */
export function weighEvidence(comparison: Comparison, scores: readonly Score[]): Evidence {
  const { levels, mark, error } = comparison
  const cells = cellsOf(comparison, scores)
  const results = levelResults(levels, cells)
  return {
    cells,
    results,
    odd: oddReadings(cells, error),
    offsets: groupOffsets(cells, error),
    finding: comparison.ordered
      ? trendEvidence(levels, cells, results, mark)
      : kindsEvidence(levels, cells, results, comparison.best, mark),
  }
}
