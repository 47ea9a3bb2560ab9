import { defined } from '../defined'
import { mostLevels, pageMoments, pageNull, patternShift } from './pageNull'
import { edgeworthTail } from './tails'

/** Whether values rise or fall along ordered levels. */
export interface TrendTest {
  /** The statistic: Page's L, or Jonckheere and Terpstra's J. */
  statistic: number
  /** Chance of a statistic at least as large when the order of the levels did not matter. */
  pRising: number
  /** Chance of a statistic at least as small when the order of the levels did not matter. */
  pFalling: number
}

/**
 * Page's test for a trend across ordered levels, with groups as blocks. L is the sum over blocks of
 * place x rank within the block, ties taking mid-ranks; the null distribution is exact, the blocks' permutation
 * distributions convolved, up to seven levels (nine without ties), and beyond those the normal one with an
 * Edgeworth correction. Blocks may have tested different levels: each is ranked over its own.
 *
 * Source: E. B. Page, "Ordered hypotheses for multiple treatments", J. Am. Stat. Assoc. 58 (1963) 216–230.
 * Cost: a few operations for each pair of levels; a new pattern of ties makes its null once and keeps it.
 *
 * @param blocks each block's values, in the order of its levels; blocks of fewer than two values say nothing
 * @throws RangeError when a block has more than 12 values.
 * @example pageTrend([[1, 2, 3], [2, 4, 9]]).pRising // 1 / 36: both blocks rise
 */
export function pageTrend(blocks: readonly (readonly number[])[]): TrendTest {
  const levels = Math.max(0, ...blocks.map((block) => block.length))
  const values = new Float64Array(levels * blocks.length).fill(NaN)
  blocks.forEach((block, index) => values.set(block, index * levels))
  return pageOfTable({ values, levels, blocks: blocks.length })
}

const present = new Float64Array(mostLevels)

/**
 * The same test on a table of numbers, block by block, NaN where a block has nothing.
 * @throws RangeError when a block has more than 12 values.
 * @example pageOfTable({ values: Float64Array.of(1, 2, 3, 2, 4, 9), levels: 3, blocks: 2 }).pRising // 1 / 36
 */
export function pageOfTable({
  values,
  levels,
  blocks,
}: {
  values: Float64Array
  levels: number
  blocks: number
}): TrendTest {
  let statistic2 = 0
  const patterns: number[] = []
  for (let block = 0; block < blocks; block++) {
    let size = 0
    for (let level = 0; level < levels; level++) {
      const value = defined(values[block * levels + level])
      if (Number.isNaN(value)) continue
      if (size === mostLevels) throw new RangeError(`a trend is tested over at most ${mostLevels} levels`)
      present[size++] = value
    }
    if (size < 2) continue
    let ties = 0
    for (let place = 0; place < size; place++) {
      const value = defined(present[place])
      let below = 0
      let equal = 0
      for (let other = 0; other < size; other++) {
        if (defined(present[other]) < value) below++
        else if (defined(present[other]) === value) equal++
      }
      // Ranks are doubled, so that mid-ranks stay whole numbers.
      statistic2 += (place + 1) * (2 * below + equal + 1)
      if (equal > 1) ties |= ((1 << (equal - 1)) - 1) << below
    }
    patterns.push((size << patternShift) | ties)
  }
  const counted = pageNull(patterns, statistic2)
  if (counted) return { statistic: statistic2 / 2, pRising: counted.from, pFalling: counted.upTo }
  const moments = pageMoments(patterns)
  // Doubled ranks step by two where none are tied, so half a step is one.
  const mirrored = 2 * moments.mean - statistic2
  return {
    statistic: statistic2 / 2,
    pRising: edgeworthTail(statistic2 - 1, moments),
    pFalling: edgeworthTail(mirrored - 1, moments),
  }
}
