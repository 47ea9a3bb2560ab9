import type { Observation } from '../observation'
import { levelName, type Plan } from '../plan'
import { wayOf } from '../recording'
import { safeCell } from './cells'
import { writeTable, type TableColumn, type WrittenTable } from './tableColumn'

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
export const observationsCsv = (
  plan: Plan,
  groupNames: Record<string, string>,
  observations: readonly Observation[],
): string => observationsTable(plan, groupNames, observations).csv

/**
 * The same with what its columns are.
 * @example observationsTable(plan, { g: 'Leaf' }, seen).columns[0].name // 'seen_at'
 */
export function observationsTable(
  plan: Plan,
  groupNames: Record<string, string>,
  observations: readonly Observation[],
): WrittenTable {
  const levels = new Map(plan.levels.map((level) => [level.id, levelName(plan, level)]))
  const text = (
    name: string,
    about: string,
    cell: (one: Observation) => string,
  ): TableColumn<Observation> => ({ name, type: 'string', about, cell: (one) => safeCell(cell(one)) })
  return writeTable(
    [
      { name: 'seen_at', type: 'datetime', about: 'When it was seen', cell: (one) => one.seenAt },
      text('group', 'Who saw it; empty for the whole class', ({ groupId }) =>
        groupId === null ? '' : (groupNames[groupId] ?? groupId),
      ),
      text('kind', 'noticed or guessed', (one) => one.kind),
      text('words', 'What was written', (one) => one.text),
      text('level', 'The level it is about; empty where it is about the whole test', ({ about }) =>
        about?.levelId ? (levels.get(about.levelId) ?? about.levelId) : '',
      ),
      {
        name: 'try',
        type: 'integer',
        about: 'The try it is about',
        cell: (one) => one.about?.tryNumber ?? '',
      },
      text('moment', 'The moment it is about', ({ about }) =>
        about ? wayOf(plan).momentSaid(plan, about.moment) : '',
      ),
      text('picture', 'The identifier of its picture, or “deleted”', (one) =>
        one.pictureDeleted ? 'deleted' : (one.picture ?? ''),
      ),
      text('status', 'stands, on the Board or taken off', (one) =>
        one.removed ? 'taken off' : one.onBoard ? 'on the Board' : 'stands',
      ),
      text('source', 'The kind of device it came from', (one) => one.source),
      text('id', 'Its identifier', (one) => one.id),
    ],
    observations,
  )
}
