import { defined } from '../defined'
import type { Judging } from './comparison'
import { jonckheere } from './jonckheere'
import { joinedChance, neverClear } from './joinedChance'
import { levelEffects } from './levelEffects'
import { seenChance } from './looks'
import { openDifference } from './noDifference'
import { pageOfTable, type TrendTest } from './pageTrend'
import { comparingGroups, isReplicated, type ScoreTable } from './scoreTable'
import { turningSteps } from './steps'
import { clearAt, tooLittle, verdictOf, type Verdict } from './verdict'

export type Direction = 'rising' | 'falling' | 'none'

/** A trend along the levels: which way, and how sure. */
export interface TrendJudgement {
  verdict: Verdict
  /** None while nothing leans, and where the measure turns or is uneven. */
  direction: Direction
  /** What difference may still be there, where none was found; else Infinity. */
  bound: number
}

/** A turn is looked for after a trend was not found, so it has to be rarer by chance than that. */
const turnsAt = 0.02

/**
 * Judges a trend along ordered levels: Page's test with groups as blocks and the stratified Jonckheere–Terpstra test
 * of their tries, joined. Where that is not clear, the measure may turn: some step up and some step down, each beyond
 * chance. Else there may be no difference that is worth noticing, which then says more than a lean.
 * @example judgeTrend(table, judging).verdict.word // 'clear'
 */
export function judgeTrend(table: ScoreTable, judging: Judging): TrendJudgement {
  const tested = testedLevels(table)
  const groups = comparingGroups(table)
  if (tested.length < 2 || groups === 0) return { verdict: tooLittle, direction: 'none', bound: Infinity }
  const replicated = isReplicated(table)
  const byGroups = pageOfTable({ values: table.centres, levels: table.levels, blocks: table.groups })
  const byTries = replicated || groups === 1 ? jonckheere(table) : null
  const joined = joinedChance({
    ofGroups: twoSided(byGroups),
    ofTries: byTries ? twoSided(byTries) : 1,
    groups,
    replicated,
  })
  if (joined.carriedBy === 'tries' && joined.p <= clearAt && !isBeyondMark(table)) joined.p = neverClear
  const direction = directionOf(joined.carriedBy === 'tries' && byTries ? byTries : byGroups)
  const verdict = verdictOf({ ...joined, p: seenChance(joined.p, table) })
  const found = { verdict, direction, bound: Infinity }
  if (verdict.word === 'clear') return found
  if (tested.length >= 3) {
    const directions = turningSteps(table, tested, turnsAt).map((step) => step.direction)
    if (directions.includes('up') && directions.includes('down'))
      return { ...found, verdict: { ...verdict, word: 'clear', because: 'turns' }, direction: 'none' }
  }
  const { within, bound, coarse } = openDifference(table, judging, tested, tested.length)
  if (within)
    return { ...found, verdict: { ...verdict, word: 'no-difference', because: 'within-noticing' }, bound }
  if (coarse && verdict.word === 'cant-tell')
    return { ...found, verdict: { ...verdict, because: 'too-coarse' } }
  if (groups === 1 && !replicated && verdict.word === 'cant-tell') return { ...found, verdict: tooLittle }
  return found
}

/** Whether levels lie further apart than two scores can show: less may be the rounding that tries of a set-up share. */
function isBeyondMark(table: ScoreTable): boolean {
  if (table.mark === 0) return true
  const known = levelEffects(table, 'number').effects.filter((effect) => !Number.isNaN(effect))
  return Math.max(...known) - Math.min(...known) > table.mark * (1 + 1e-9)
}

const twoSided = ({ pRising, pFalling }: TrendTest) => Math.min(1, 2 * Math.min(pRising, pFalling))

/** Chances are sums of many small ones, so a difference in the last digits is none. */
export function directionOf({ pRising, pFalling }: TrendTest): Direction {
  if (Math.abs(pRising - pFalling) < 1e-9) return 'none'
  return pRising < pFalling ? 'rising' : 'falling'
}

/**
 * Places of the levels that any group has tested.
 * @example testedLevels(table) // [0, 1, 2]
 */
export function testedLevels({ counts, levels, groups }: ScoreTable): number[] {
  return Array.from({ length: levels }, (_, level) => level).filter((level) => {
    for (let group = 0; group < groups; group++) if (defined(counts[group * levels + level]) > 0) return true
    return false
  })
}

/**
 * The groups that tested every one of these levels, each with its centres.
 * @example wholeBlocks(table, [0, 1]) // [[12, 22], [11, 22]]
 */
export function wholeBlocks({ centres, levels, groups }: ScoreTable, tested: readonly number[]): number[][] {
  return Array.from({ length: groups }, (_, group) =>
    tested.map((level) => defined(centres[group * levels + level])),
  ).filter((block) => !block.some(Number.isNaN))
}
