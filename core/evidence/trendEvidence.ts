import type { Level } from '../plan'
import type { Cell, LevelResult } from './cells'
import { friedman } from './friedman'
import { comparingBlocks, directionOf, judgeTrend, type Direction } from './judgeTrend'
import { levelTable, presentIn } from './levelTable'
import { pageTrend } from './pageTrend'
import { theilSen } from './theilSen'
import { clearAt, type Verdict } from './verdict'

/** What the data say about a changed number: does the measure rise or fall along it? */
export interface TrendEvidence {
  kind: 'trend'
  verdict: Verdict
  direction: Direction
  /** Change of the measure for each unit of the changed number. */
  slope: number | null
  blocks: number
  agreeing: number
  dissenting: string[]
}

/**
 * Judges a trend along ordered levels, and its size by the Theil–Sen slope over the groups' centres. A group
 * agrees when its own Page statistic leans the same way. Levels that differ by Friedman's test without
 * rising or falling throughout are *leaning*, with no direction: the pattern is uneven.
 * @param resolution the smallest difference that the readings could show
 * @example trendEvidence(levels, cells, results, 1).direction // 'rising'
 */
export function trendEvidence(
  levels: readonly Level[],
  cells: readonly Cell[],
  results: readonly LevelResult[],
  resolution: number,
): TrendEvidence {
  const table = levelTable(levels, cells)
  const judged = judgeTrend(table, resolution)
  const { word, because } = judged.verdict
  const open = word === 'leaning' || because === 'groups-disagree'
  const uneven =
    open &&
    results.length >= 3 &&
    friedman(
      Array.from({ length: table.blocks }, (_, block) => presentIn(table, block)).filter(
        (block) => block.length === results.length,
      ),
    ).p <= clearAt
  const direction = uneven ? 'none' : judged.direction
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const leans = groupIds.map((groupId) =>
    leaning(
      levels,
      cells.filter((cell) => cell.groupId === groupId),
    ),
  )
  return {
    kind: 'trend',
    verdict: uneven ? { word: 'leaning', because: 'uneven' } : judged.verdict,
    direction,
    slope: theilSen(
      cells.flatMap((cell) => {
        const x = levels.find((level) => level.id === cell.levelId)?.value
        return x === null || x === undefined ? [] : [[x, cell.summary.centre] as const]
      }),
    ),
    blocks: comparingBlocks(table),
    agreeing: leans.filter((lean) => lean === direction).length,
    dissenting: groupIds.filter((_, index) => leans[index] !== direction && leans[index] !== null),
  }
}

function leaning(levels: readonly Level[], own: readonly Cell[]): Direction | null {
  const values = levels.flatMap(
    (level) => own.find((cell) => cell.levelId === level.id)?.summary.centre ?? [],
  )
  if (values.length < 2) return null
  return directionOf(pageTrend([values]))
}
