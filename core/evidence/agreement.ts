import { defined } from '../defined'
import type { Comparison } from './comparison'
import { directionOf, type Direction } from './judgeTrend'
import { pageTrend } from './pageTrend'
import type { Cell } from './cells'
import { apart } from './differences'
import { partOfMark } from './scoreTable'

/** How many groups found what the class found, each looked at by itself. */
export interface Agreement {
  /** Groups that compared anything. */
  groups: number
  agreeing: number
  /** Groups that found something else; a group without a lean is in neither. */
  dissenting: string[]
  /** Every group found it, at every step and without a tie: only then may it be said of all of them. */
  unanimous: boolean
}

/**
 * Which groups go the class's way. A group agrees when its results lean that way over all its levels; all are
 * unanimous only when each goes that way at each of its steps.
 * @example trendAgreement(levels, cells, 'rising').unanimous // true
 */
export function trendAgreement(
  comparison: Pick<Comparison, 'levels' | 'scale' | 'mark'>,
  cells: readonly Cell[],
  direction: Direction,
): Agreement {
  const sign = direction === 'rising' ? 1 : -1
  return agreementOf(cells, (own) => {
    const centres = comparison.levels.flatMap(({ id }) => {
      const cell = own.find(({ levelId }) => levelId === id)
      return cell ? centreIn(comparison, cell) : []
    })
    const lean = directionOf(pageTrend([centres]))
    return {
      agrees: direction !== 'none' && lean === direction,
      dissents: lean !== 'none' && lean !== direction,
      wholly: centres.slice(1).every((centre, index) => sign * (centre - defined(centres[index])) > 0),
    }
  })
}

/**
 * Which of the groups that tested the class's first level had it ahead of all others that they tested. While some group that
 * compared anything has not tested it, it cannot be said of all.
 * @param sign 1 where the most comes first, −1 where the least does
 * @example leaderAgreement(comparison, cells, 'h60', 1).agreeing // 3
 */
export function leaderAgreement(
  comparison: Pick<Comparison, 'scale' | 'mark'>,
  cells: readonly Cell[],
  first: string | undefined,
  sign: 1 | -1,
): Agreement {
  const centre = (cell: Cell) => centreIn(comparison, cell)
  const tested = new Set(cells.filter((cell) => cell.levelId === first).map((cell) => cell.groupId))
  const others = cells.some(
    ({ groupId }) => !tested.has(groupId) && cells.filter((cell) => cell.groupId === groupId).length >= 2,
  )
  const comparing = cells.filter((cell) => tested.has(cell.groupId))
  const found = agreementOf(comparing, (own) => {
    const ranked = [...own].sort((a, b) => sign * apart(centre(b), centre(a)))
    const tied = centre(defined(ranked[0])) === centre(defined(ranked[1]))
    const agrees = !tied && defined(ranked[0]).levelId === first
    return { agrees, dissents: !tied && !agrees, wholly: agrees }
  })
  return { ...found, unanimous: found.unanimous && !others }
}

/** The result of a cell without rounding dust. */
function centreIn(comparison: Pick<Comparison, 'scale' | 'mark'>, { summary }: Cell): number {
  const part = partOfMark(comparison)
  return part === 1 ? summary.centre : Math.round(summary.centre / part)
}

function agreementOf(
  cells: readonly Cell[],
  look: (own: Cell[]) => { agrees: boolean; dissents: boolean; wholly: boolean },
): Agreement {
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const found: Agreement = { groups: 0, agreeing: 0, dissenting: [], unanimous: true }
  for (const groupId of groupIds) {
    const own = cells.filter((cell) => cell.groupId === groupId)
    if (own.length < 2) continue
    found.groups++
    const { agrees, dissents, wholly } = look(own)
    if (agrees) found.agreeing++
    if (dissents) found.dissenting.push(groupId)
    if (!agrees || !wholly) found.unanimous = false
  }
  return found.groups === 0 ? { ...found, unanimous: false } : found
}
