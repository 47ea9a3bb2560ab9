import Papa from 'papaparse'
import type { Observation } from '../observation'
import { levelName, type Plan } from '../plan'
import { wayOf } from '../recording'
import { safeCell } from './cells'

/**
 * All observations of a lesson as CSV (RFC 4180, header first, UTF-8), in the order in which they were seen; those that were taken
 * off are included and marked as such.
 *
 * Columns: seen_at (ISO 8601), group (empty for the whole class), kind (noticed, guessed), words, level, try, moment (empty where it is
 * about the whole test), picture (its identifier, "deleted", or empty), status (stands, on the Board, taken off), source, id.
 *
 * @param groupNames the name of each group by its id
 * @example observationsCsv(plan, { g: 'Leaf' }, seen).split('\r\n')[1] // '2026-03-09T10:12:00.000Z,Leaf,noticed,it spins,25 cm,1,,…'
 */
export function observationsCsv(
  plan: Plan,
  groupNames: Record<string, string>,
  observations: readonly Observation[],
): string {
  const levels = new Map(plan.levels.map((level) => [level.id, levelName(plan, level)]))
  const rows = observations.map(({ about, groupId, ...one }) => ({
    seen_at: one.seenAt,
    group: safeCell(groupId === null ? '' : (groupNames[groupId] ?? groupId)),
    kind: one.kind,
    words: safeCell(one.text),
    level: safeCell(about?.levelId ? (levels.get(about.levelId) ?? about.levelId) : ''),
    try: about?.tryNumber ?? '',
    moment: safeCell(about ? wayOf(plan).momentSaid(plan, about.moment) : ''),
    picture: one.pictureDeleted ? 'deleted' : (one.picture ?? ''),
    status: one.removed ? 'taken off' : one.onBoard ? 'on the Board' : 'stands',
    source: one.source,
    id: one.id,
  }))
  return Papa.unparse(rows, { newline: '\r\n', columns: csvColumns })
}

const csvColumns = 'seen_at group kind words level try moment picture status source id'.split(' ')
