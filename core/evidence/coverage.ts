import type { Level } from '../plan'
import type { Cell } from './cells'
import type { Comparison } from './comparison'
import { allIn, type Looks } from './looks'

/** How much of what was meant to be tested has been. */
export interface Coverage {
  /** Levels that have readings. */
  tested: Level[]
  /** Planned levels that nobody has tested yet. */
  untested: Level[]
  /** Groups that have been at all their levels that anybody has tested, and groups meant to test. */
  groupsDone: number
  groupsMeant: number
  /** Whether a verdict must say that it is only about what is there. */
  partial: boolean
  /** Planned tries that are in, and all that are planned; 0 where nobody has said who tests. */
  triesIn: number
  triesPlanned: number
}

/**
 * How far the planned tries have come, and whether somebody still waits for the rest.
 * @example looksOf(comparison, coverage) // { share: 1, open: false }
 */
export function looksOf(
  { finished }: Pick<Comparison, 'finished'>,
  { triesIn, triesPlanned }: Pick<Coverage, 'triesIn' | 'triesPlanned'>,
): Looks {
  if (triesIn >= triesPlanned) return allIn
  return { share: triesIn / triesPlanned, open: !finished }
}

/**
 * How far the test has come: partial while a planned level has no reading, or while fewer than half of the groups meant
 * to test a level have done so.
 * @example coverageOf(comparison, cells).partial // false; true half-way through a lesson
 */
export function coverageOf({ levels, meant, tries, triesOf }: Comparison, cells: readonly Cell[]): Coverage {
  const groupsAt = (levelId: string) =>
    new Set(cells.filter((cell) => cell.levelId === levelId).map((cell) => cell.groupId))
  const tested = levels.filter((level) => groupsAt(level.id).size > 0)
  const untested = levels.filter((level) => groupsAt(level.id).size === 0)
  const few = tested.some(({ id }) => {
    const wanted = meant[id] ?? []
    const there = groupsAt(id)
    return wanted.filter((groupId) => there.has(groupId)).length < wanted.length / 2
  })
  const groupIds = [...new Set(cells.map((cell) => cell.groupId))]
  const done = groupIds.filter((groupId) => {
    const due = tested.filter(({ id }) => !meant[id] || meant[id].includes(groupId))
    return due.length >= 2 && due.every(({ id }) => groupsAt(id).has(groupId))
  })
  return {
    tested,
    untested,
    groupsDone: done.length,
    groupsMeant: new Set(Object.values(meant).flat()).size,
    partial: untested.length > 0 || few,
    ...plannedIn(levels, meant, (groupId) => triesOf?.[groupId] ?? tries, cells),
  }
}

/** Extra tries of one cell stand for no missing ones of another. */
function plannedIn(
  levels: readonly Level[],
  meant: Comparison['meant'],
  triesOf: (groupId: string) => number,
  cells: readonly Cell[],
): Pick<Coverage, 'triesIn' | 'triesPlanned'> {
  const counts = new Map(cells.map((cell) => [`${cell.groupId}|${cell.levelId}`, cell.values.length]))
  const wanted = levels.flatMap(({ id }) =>
    (meant[id] ?? []).map((groupId) => ({ key: `${groupId}|${id}`, tries: triesOf(groupId) })),
  )
  return {
    triesIn: wanted.reduce((sum, { key, tries }) => sum + Math.min(tries, counts.get(key) ?? 0), 0),
    triesPlanned: wanted.reduce((sum, { tries }) => sum + tries, 0),
  }
}
