import type { Level } from '../plan'
import { centreOf, summariseCell, type CellSummary } from './cellSummary'
import type { Comparison } from './comparison'
import type { Score, ScoreScale } from './score'

/** One group at one level, with its counted tries. */
export interface Cell {
  groupId: string
  levelId: string
  tries: Score[]
  values: number[]
  summary: CellSummary
}

/** One level over all groups that tested it, each group weighing the same. */
export interface LevelResult {
  level: Level
  groups: number
  /** Mean of the groups' centres; their middle where scores have no distances. */
  centre: number
  least: number
  greatest: number
}

/**
 * The cells that hold at least one score. Scores of levels that are no longer compared are left out; tries
 * beyond the planned number are kept, since extra care is no mistake.
 * @example cellsOf(comparison, scores)[0].summary.centre // 12
 */
export function cellsOf(
  { levels, summary }: Pick<Comparison, 'levels' | 'summary'>,
  scores: readonly Score[],
): Cell[] {
  const known = new Set(levels.map((level) => level.id))
  const cells = new Map<string, { groupId: string; levelId: string; tries: Score[] }>()
  for (const score of scores) {
    const { groupId, levelId } = score
    if (!known.has(levelId)) continue
    const key = `${groupId}|${levelId}`
    const cell = cells.get(key) ?? { groupId, levelId, tries: [] }
    cell.tries.push(score)
    cells.set(key, cell)
  }
  return [...cells.values()].map((cell) => {
    const values = cell.tries.map((score) => score.value)
    return { ...cell, values, summary: summariseCell(values, summary) }
  })
}

/**
 * The result of each level, groups weighted equally however many tries they made; levels without readings
 * are left out. Scores of an order or of words have no mean, so they have a middle.
 * @param levels in the order wanted
 * @example levelResults(orderedLevels(plan), cells)[0].centre // 11.67
 */
export function levelResults(
  levels: readonly Level[],
  cells: readonly Cell[],
  scale: ScoreScale = 'number',
): LevelResult[] {
  return levels.flatMap((level) => {
    const own = cells.filter((cell) => cell.levelId === level.id)
    if (own.length === 0) return []
    return [
      {
        level,
        groups: own.length,
        centre: centreOf(
          own.map((cell) => cell.summary.centre),
          0,
          own.length,
          scale === 'number' ? 'mean' : 'median',
        ),
        least: Math.min(...own.map((cell) => cell.summary.least)),
        greatest: Math.max(...own.map((cell) => cell.summary.greatest)),
      },
    ]
  })
}
