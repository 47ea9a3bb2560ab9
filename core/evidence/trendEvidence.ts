import { defined } from '../defined'
import type { Level } from '../plan'
import { trendAgreement, type Agreement } from './agreement'
import type { Cell } from './cells'
import type { Comparison } from './comparison'
import { friedman } from './friedman'
import { allIn } from './looks'
import { judgeTrend, testedLevels, wholeBlocks, type Direction, type TrendJudgement } from './judgeTrend'
import { rankLevels, tiedOrder } from './rankLevels'
import { inScores, type ScoreTable } from './scoreTable'
import { shapeOf, type Shape } from './shape'
import { turningSteps, type Step } from './steps'
import { theilSen } from './theilSen'
import { clearAt, type Verdict } from './verdict'

/** What the data say about levels in order: does the measure rise or fall along them? */
export interface TrendEvidence extends Agreement {
  kind: 'trend'
  verdict: Verdict
  direction: Direction
  /** Change of the measure for each unit of the changed number; null where the steps do not agree on one. */
  slope: number | null
  steps: Step[]
  shape: Shape
  /** Level ids from most to least, with ties. */
  order: string[][]
  /** How far each level lies from the others, by its place. */
  effects: Float64Array
  /** What difference may still be there, where none was found. */
  bound: number
}

/**
 * Weighs levels in order: the trend, what it does from step to step, how much each unit adds, and which groups agree.
 * @example trendEvidence(comparison, table, cells).direction // 'rising'
 */
export function trendEvidence(
  comparison: Comparison,
  table: ScoreTable,
  cells: readonly Cell[],
): TrendEvidence {
  const tested = testedLevels(table)
  const judged = unevenWhereOpen(judgeTrend(table, comparison), table, comparison, tested)
  const ranking = rankLevels(table, tested, comparison.scale)
  const steps = turningSteps(table, tested)
  const numbers = tested.map((place) => defined(comparison.levels[place]).value)
  const shape = shapeOf({
    table,
    tested,
    steps,
    direction: judged.direction,
    effects: ranking.effects,
    along: numbers.every((one) => one !== null) ? numbers : null,
    measured: comparison.scale === 'number',
  })
  return {
    kind: 'trend',
    ...judged,
    slope: shape.kind === 'steady' ? slopeOf(comparison.levels, cells) : null,
    steps,
    shape,
    order: tiedOrder(ranking, null).map((rank) => rank.map((place) => defined(comparison.levels[place]).id)),
    effects: inScores(ranking.effects, table),
    ...trendAgreement(comparison, cells, judged.direction),
  }
}

/** Levels that differ by Friedman's test without rising or falling throughout are *leaning*, with no direction. */
function unevenWhereOpen(
  judged: TrendJudgement,
  table: ScoreTable,
  comparison: Comparison,
  tested: readonly number[],
): TrendJudgement {
  const { word, because } = judged.verdict
  if (tested.length < 3 || word === 'clear' || word === 'no-difference' || because === 'too-little-data')
    return judged
  if (friedman(wholeBlocks(table, tested)).p > clearAt) return judged
  // A trend that only leans since tries are still to come is steady all the same.
  if (judgeTrend({ ...table, looks: allIn }, comparison).verdict.word === 'clear') return judged
  return { ...judged, verdict: { ...judged.verdict, word: 'leaning', because: 'uneven' }, direction: 'none' }
}

function slopeOf(levels: readonly Level[], cells: readonly Cell[]): number | null {
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  return theilSen(
    groupIds.map((groupId) =>
      cells.flatMap((cell) => {
        const x = levels.find((level) => level.id === cell.levelId)?.value
        return cell.groupId !== groupId || x === null || x === undefined
          ? []
          : [[x, cell.summary.centre] as const]
      }),
    ),
  )
}
