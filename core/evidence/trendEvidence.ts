import type { Level } from '../plan'
import { blocksOf, presentIn } from './blocks'
import type { Cell, LevelResult } from './cells'
import { pageTrend, type TrendTest } from './pageTrend'
import { theilSen } from './theilSen'
import { decideVerdict, type Verdict } from './verdict'

/** What the data say about a changed number: does the measure rise or fall along it? */
export interface TrendEvidence {
  kind: 'trend'
  verdict: Verdict
  direction: 'rising' | 'falling' | 'none'
  /** Change of the measure for each unit of the changed number. */
  slope: number | null
  blocks: number
  agreeing: number
  dissenting: string[]
}

/**
 * Judges a trend along ordered number levels by Page's test with groups as blocks, and its size by the
 * Theil–Sen slope over the groups' centres. A group agrees when its own Page statistic leans the same way.
 * @param resolution the smallest difference that the readings could show
 * @example trendEvidence(levels, cells, results, 1).direction // 'rising'
 */
export function trendEvidence(
  levels: readonly Level[],
  cells: readonly Cell[],
  results: readonly LevelResult[],
  resolution: number,
): TrendEvidence {
  const blocks = blocksOf(levels, cells).filter((block) => presentIn(block).length >= 2)
  const test = pageTrend(blocks.map(presentIn))
  const direction = directionOf(test)
  const centres = results.map((result) => result.centre)
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const leans = groupIds.map((groupId) =>
    leaning(
      levels,
      cells.filter((cell) => cell.groupId === groupId),
    ),
  )
  const verdict =
    results.length < 2
      ? ({ word: 'cant-tell', because: 'too-little-data' } as const)
      : decideVerdict({
          p: Math.min(1, 2 * Math.min(test.pRising, test.pFalling)),
          fullAgreement:
            direction !== 'none' &&
            blocks.every((block) => strictly(presentIn(block), direction)) &&
            endsApart(levels, cells, direction),
          blocks: blocks.length,
          difference: Math.max(...centres) - Math.min(...centres),
          resolution,
        })
  return {
    kind: 'trend',
    verdict,
    direction,
    slope: theilSen(
      cells.flatMap((cell) => {
        const x = levels.find((level) => level.id === cell.levelId)?.value
        return x === null || x === undefined ? [] : [[x, cell.summary.centre] as const]
      }),
    ),
    blocks: blocks.length,
    agreeing: leans.filter((lean) => lean === direction).length,
    dissenting: groupIds.filter((_, index) => leans[index] !== direction && leans[index] !== null),
  }
}

function leaning(levels: readonly Level[], own: readonly Cell[]): TrendEvidence['direction'] | null {
  const values = levels.flatMap(
    (level) => own.find((cell) => cell.levelId === level.id)?.summary.centre ?? [],
  )
  if (values.length < 2) return null
  return directionOf(pageTrend([values]))
}

/** Chances are sums of many small ones, so a difference in the last digits is none. */
function directionOf({ pRising, pFalling }: TrendTest): TrendEvidence['direction'] {
  if (Math.abs(pRising - pFalling) < 1e-9) return 'none'
  return pRising < pFalling ? 'rising' : 'falling'
}

function strictly(values: readonly number[], direction: 'rising' | 'falling' | 'none'): boolean {
  return values
    .slice(1)
    .every((value, index) => (direction === 'rising' ? value > values[index]! : value < values[index]!))
}

/** Whether, over the whole class, no try at one end of the levels reaches a try at the other end. */
function endsApart(
  levels: readonly Level[],
  cells: readonly Cell[],
  direction: 'rising' | 'falling' | 'none',
): boolean {
  const tested = levels.filter((level) => cells.some((cell) => cell.levelId === level.id))
  const valuesAt = (level: Level | undefined) =>
    cells.filter((cell) => cell.levelId === level?.id).flatMap((cell) => cell.values)
  const [low, high] = direction === 'rising' ? [tested[0], tested.at(-1)] : [tested.at(-1), tested[0]]
  return Math.max(...valuesAt(low)) < Math.min(...valuesAt(high))
}
