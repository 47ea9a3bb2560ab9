import type { Level } from '../plan'
import { blocksOf } from './blocks'
import type { Cell, LevelResult } from './cells'
import { signFlip } from './signFlip'
import { decideVerdict, type Verdict } from './verdict'

/** What the data say about named kinds: which comes first, and is it really ahead of the next? */
export interface KindsEvidence {
  kind: 'kinds'
  verdict: Verdict
  first: LevelResult | null
  next: LevelResult | null
  blocks: number
  agreeing: number
  /** Groups for which another kind came first. */
  dissenting: string[]
}

/**
 * Judges whether the kind that came first is ahead of the next one, by an exact sign-flip test of the
 * differences within blocks. Comparing only the first two, two-sided, keeps the error rate although the
 * kinds were picked after looking.
 *
 * Source: S. Gutmann and Z. Maymin, "Is the selected population the best?", Annals of Statistics 15 (1987) 456–461.
 *
 * @param wanted which end of the measure comes first
 * @param resolution the smallest difference that the readings could show
 * @example kindsEvidence(levels, cells, results, 'most', 1).first?.level.name // 'thick card'
 */
export function kindsEvidence(
  levels: readonly Level[],
  cells: readonly Cell[],
  results: readonly LevelResult[],
  wanted: 'most' | 'least',
  resolution: number,
): KindsEvidence {
  const sign = wanted === 'most' ? 1 : -1
  const ranked = [...results].sort((a, b) => sign * (b.centre - a.centre))
  const [first, next] = [ranked[0] ?? null, ranked[1] ?? null]
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const winners = groupIds.map((groupId) =>
    winnerOf(
      cells.filter((cell) => cell.groupId === groupId),
      sign,
    ),
  )
  const shared = {
    kind: 'kinds' as const,
    first,
    next,
    agreeing: winners.filter((winner) => winner === first?.level.id).length,
  }
  const dissenting = groupIds.filter(
    (_, index) => winners[index] !== null && winners[index] !== first?.level.id,
  )
  if (!first || !next)
    return { ...shared, dissenting, blocks: 0, verdict: { word: 'cant-tell', because: 'too-little-data' } }
  const firstPlace = levels.indexOf(first.level)
  const nextPlace = levels.indexOf(next.level)
  const differences = blocksOf(levels, cells).flatMap((block) => {
    const [a, b] = [block[firstPlace], block[nextPlace]]
    return a === null || a === undefined || b === null || b === undefined ? [] : [sign * (a - b)]
  })
  const apart = sign * (first.centre - next.centre)
  return {
    ...shared,
    dissenting,
    blocks: differences.length,
    verdict: decideVerdict({
      p: signFlip(differences),
      fullAgreement:
        differences.every((difference) => difference > 0) && noOverlap(first.level, next.level, cells, sign),
      blocks: differences.length,
      difference: apart,
      resolution,
    }),
  }
}

function winnerOf(own: readonly Cell[], sign: number): string | null {
  if (own.length < 2) return null
  const ranked = [...own].sort((a, b) => sign * (b.summary.centre - a.summary.centre))
  return ranked[0]!.summary.centre === ranked[1]!.summary.centre ? null : ranked[0]!.levelId
}

function noOverlap(first: Level, next: Level, cells: readonly Cell[], sign: number): boolean {
  const valuesOf = (level: Level) =>
    cells
      .filter((cell) => cell.levelId === level.id)
      .flatMap((cell) => cell.values.map((value) => sign * value))
  return Math.min(...valuesOf(first)) > Math.max(...valuesOf(next))
}
