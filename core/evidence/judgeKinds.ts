import type { LevelTable } from './levelTable'
import { signFlip } from './signFlip'
import { decideVerdict, type Verdict } from './verdict'

/** Which kind came first, which next, and how sure it is that the first is ahead. Places in the table, -1 where there is none. */
export interface KindsJudgement {
  verdict: Verdict
  first: number
  next: number
  blocks: number
}

const most = 64
const differences = new Float64Array(most)

/**
 * Judges whether the kind that came first is ahead of the next one, by an exact sign-flip test of the
 * differences within blocks. Comparing only the first two, two-sided, keeps the error rate although the
 * kinds were picked after looking.
 *
 * Source: S. Gutmann and Z. Maymin, "Is the selected population the best?", Annals of Statistics 15 (1987) 456–461.
 *
 * @param wanted which end of the measure comes first
 * @param resolution the smallest difference that the readings could show, in their unit
 * @example judgeKinds(table, 'most', 1).first // 2: the third kind
 */
export function judgeKinds(table: LevelTable, wanted: 'most' | 'least', resolution: number): KindsJudgement {
  const { values, centres, levels, blocks } = table
  const sign = wanted === 'most' ? 1 : -1
  let first = -1
  let next = -1
  for (let level = 0; level < levels; level++) {
    if (Number.isNaN(centres[level]!)) continue
    if (first < 0 || sign * centres[level]! > sign * centres[first]!) {
      next = first
      first = level
    } else if (next < 0 || sign * centres[level]! > sign * centres[next]!) next = level
  }
  if (next < 0) return { verdict: { word: 'cant-tell', because: 'too-little-data' }, first, next, blocks: 0 }
  let compared = 0
  for (let block = 0; block < blocks && compared < most; block++) {
    const difference = sign * (values[block * levels + first]! - values[block * levels + next]!)
    if (!Number.isNaN(difference)) differences[compared++] = difference
  }
  const own = differences.subarray(0, compared)
  return {
    first,
    next,
    blocks: compared,
    verdict: decideVerdict({
      p: signFlip(own),
      fullAgreement: () => own.every((difference) => difference > 0) && apart(table, first, next, wanted),
      blocks: compared,
      difference: sign * (centres[first]! - centres[next]!),
      resolution,
    }),
  }
}

/** No try of the next kind reaches one of the first. */
function apart(
  { least, greatest }: LevelTable,
  first: number,
  next: number,
  wanted: 'most' | 'least',
): boolean {
  return wanted === 'most' ? least[first]! > greatest[next]! : greatest[first]! < least[next]!
}
