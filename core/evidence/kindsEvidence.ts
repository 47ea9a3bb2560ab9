import type { Level } from '../plan'
import type { Cell, LevelResult } from './cells'
import { friedman } from './friedman'
import { judgeKinds } from './judgeKinds'
import { levelTable, presentIn } from './levelTable'
import { clearAt, type Verdict } from './verdict'

/** What the data say about named kinds: which comes first, and is it really ahead of the next? */
export interface KindsEvidence {
  kind: 'kinds'
  verdict: Verdict
  first: LevelResult | null
  next: LevelResult | null
  /** The kinds differ by Friedman's test, whether or not the first is ahead of the next. */
  differ: boolean
  blocks: number
  agreeing: number
  /** Groups for which another kind came first. */
  dissenting: string[]
}

/**
 * Judges named kinds: whether they differ at all, by Friedman's test, and whether the one that came first is
 * ahead of the next. A group agrees when its own first kind is the class's.
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
  const table = levelTable(levels, cells)
  const judged = judgeKinds(table, wanted, resolution)
  const resultAt = (place: number) => results.find((result) => result.level === levels[place]) ?? null
  const first = resultAt(judged.first)
  const sign = wanted === 'most' ? 1 : -1
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const winners = groupIds.map((groupId) =>
    winnerOf(
      cells.filter((cell) => cell.groupId === groupId),
      sign,
    ),
  )
  const whole = Array.from({ length: table.blocks }, (_, block) => presentIn(table, block)).filter(
    (block) => block.length === results.length,
  )
  return {
    kind: 'kinds',
    verdict: judged.verdict,
    first,
    next: resultAt(judged.next),
    differ: results.length >= 2 && friedman(whole).p <= clearAt,
    blocks: judged.blocks,
    agreeing: winners.filter((winner) => winner === first?.level.id).length,
    dissenting: groupIds.filter((_, index) => winners[index] !== null && winners[index] !== first?.level.id),
  }
}

function winnerOf(own: readonly Cell[], sign: number): string | null {
  if (own.length < 2) return null
  const ranked = [...own].sort((a, b) => sign * (b.summary.centre - a.summary.centre))
  return ranked[0]!.summary.centre === ranked[1]!.summary.centre ? null : ranked[0]!.levelId
}
