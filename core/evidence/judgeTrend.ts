import { jonckheere } from './jonckheere'
import { presentIn, type LevelTable } from './levelTable'
import { pageOfTable, type TrendTest } from './pageTrend'
import { decideVerdict, type Verdict } from './verdict'

export type Direction = 'rising' | 'falling' | 'none'

/** A trend along the levels: which way, and how sure. */
export interface TrendJudgement {
  verdict: Verdict
  direction: Direction
}

/**
 * Judges a trend along ordered levels: by Page's test with groups as blocks; by Jonckheere and Terpstra's
 * where one group alone has tested, so that only its tries replicate.
 * @param resolution the smallest difference that the readings could show, in their unit
 * @example judgeTrend(table, 1) // { verdict: { word: 'clear', because: 'chance' }, direction: 'rising' }
 */
export function judgeTrend(table: LevelTable, resolution: number): TrendJudgement {
  let tested = 0
  let least = Infinity
  let greatest = -Infinity
  for (const centre of table.centres) {
    if (Number.isNaN(centre)) continue
    tested++
    if (centre < least) least = centre
    if (centre > greatest) greatest = centre
  }
  const test = table.rounds ? jonckheere(samplesOf(table)) : pageOfTable(table)
  const direction = directionOf(test)
  if (tested < 2) return { verdict: { word: 'cant-tell', because: 'too-little-data' }, direction }
  return {
    direction,
    verdict: decideVerdict({
      p: Math.min(1, 2 * Math.min(test.pRising, test.pFalling)),
      fullAgreement: () => agreesFully(table, direction),
      blocks: comparingBlocks(table),
      difference: greatest - least,
      resolution,
    }),
  }
}

/** Chances are sums of many small ones, so a difference in the last digits is none. */
export function directionOf({ pRising, pFalling }: TrendTest): Direction {
  if (Math.abs(pRising - pFalling) < 1e-9) return 'none'
  return pRising < pFalling ? 'rising' : 'falling'
}

/**
 * How many blocks have something at two levels or more; the others compare nothing.
 * @example comparingBlocks(table) // 6
 */
export function comparingBlocks({ values, levels, blocks }: LevelTable): number {
  let comparing = 0
  for (let block = 0; block < blocks; block++) {
    let present = 0
    for (let level = 0; level < levels; level++) if (!Number.isNaN(values[block * levels + level]!)) present++
    if (present >= 2) comparing++
  }
  return comparing
}

/** The tries at each level when the blocks are rounds of one group. */
function samplesOf({ values, levels, blocks }: LevelTable): number[][] {
  return Array.from({ length: levels }, (_, level) =>
    Array.from({ length: blocks }, (_, round) => values[round * levels + level]!).filter(
      (value) => !Number.isNaN(value),
    ),
  )
}

/** Every block goes the same way step by step, and no try at one end of the levels reaches the other end. */
function agreesFully(table: LevelTable, direction: Direction): boolean {
  if (direction === 'none') return false
  const sign = direction === 'rising' ? 1 : -1
  for (let block = 0; block < table.blocks; block++) {
    const values = presentIn(table, block)
    if (values.slice(1).some((value, index) => sign * (value - values[index]!) <= 0)) return false
  }
  const tested = [...table.centres.keys()].filter((level) => !Number.isNaN(table.centres[level]!))
  const [first, last] = [tested[0]!, tested.at(-1)!]
  return direction === 'rising'
    ? table.greatest[first]! < table.least[last]!
    : table.greatest[last]! < table.least[first]!
}
