import { levelName, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { slotKey, standingOf, standingEntries, type Entry, type EntryField } from '../entries'
import { valueField, wayOf } from '../recording'
import { safeCell } from './cells'
import { writeTable, type TableColumn, type WrittenTable } from './tableColumn'

/**
 * All entries of a lesson as CSV (RFC 4180, header first, UTF-8), in the order of their arrival, superseded and set-aside
 * ones included and marked as such.
 *
 * Columns: group, level, try, moment; for each field of the way its value, what was typed and how it was given (named
 * after the field; value, typed and given where there is one number), and when it was really read (at) where that is kept; unit, instrument, mark (as it was read), status (counted, contested, set
 * aside, superseded), reason, note, source, taken_at (ISO 8601), id, supersedes.
 *
 * @param groupNames the name of each group by its id
 * @example entriesCsv(plan, { leaf: 'Leaf' }, entries).split('\r\n')[1].slice(0, 27) // 'Leaf,20 cm,1,,11,11,typed,c'
 */
export const entriesCsv = (
  plan: Plan,
  groupNames: Record<string, string>,
  entries: readonly Entry[],
): string => entriesTable(plan, groupNames, entries).csv

/**
 * The same with what its columns are.
 * @example entriesTable(plan, { leaf: 'Leaf' }, entries).columns[2].type // 'integer'
 */
export function entriesTable(
  plan: Plan,
  groupNames: Record<string, string>,
  entries: readonly Entry[],
): WrittenTable {
  const standing = new Set(standingEntries(entries).map((entry) => entry.id))
  const { slots: states } = standingOf(entries)
  const levels = new Map(plan.levels.map((level) => [level.id, levelName(plan, level)]))
  const way = wayOf(plan)
  const names = [...way.fields(plan).map(({ name }) => name), ...way.extraFields]
  const status = (entry: Entry) => {
    if (!standing.has(entry.id)) return 'superseded'
    if (entry.status === 'set-aside') return 'set aside'
    return states.get(slotKey(entry))?.counted === entry ? 'counted' : 'contested'
  }
  /** What is kept by identifiers is written as people read it. */
  const asWords = (entry: Entry, name: string): EntryField | undefined => {
    const field = entry.fields[name]
    return field && name === valueField && typeof field.value === 'string'
      ? { ...field, value: way.print(plan, { ...entry, fields: { [name]: field } }) }
      : field
  }
  return writeTable(
    [
      text('group', 'Who read it', (entry) => groupNames[entry.groupId] ?? entry.groupId),
      text('level', 'What was tried; empty where all levels are seen at once', ({ levelId }) =>
        levelId === null ? '' : (levels.get(levelId) ?? levelId),
      ),
      { name: 'try', type: 'integer', about: 'The try, heat or round, from 1', cell: (one) => one.tryNumber },
      text('moment', 'When within the try; empty where there is only one moment', (entry) =>
        way.momentSaid(plan, entry.moment),
      ),
      ...names.flatMap((name) => fieldColumns(name, entries, (entry) => asWords(entry, name))),
      text(
        'unit',
        'The unit of the values',
        (entry) => unitDefinition(entry.readWith?.unit ?? plan.measured.unit).symbol,
      ),
      text('instrument', 'What it was read with', (entry) => entry.readWith?.instrument ?? ''),
      {
        name: 'mark',
        type: 'number',
        about: 'The smallest step that was read, in the unit',
        cell: (entry) => entry.readWith?.mark ?? '',
      },
      text('status', 'counted, contested, set aside or superseded', status),
      text('reason', 'Why it was set aside', (entry) => entry.reason),
      text('note', 'What was said about it', (entry) => entry.note),
      text('source', 'The kind of device it came from', (entry) => entry.source),
      { name: 'taken_at', type: 'datetime', about: 'When it was taken', cell: (entry) => entry.takenAt },
      text('id', 'Its identifier', (entry) => entry.id),
      text('supersedes', 'The identifier of what it corrects', (entry) => entry.supersedes ?? ''),
    ],
    entries,
  )
}

const text = (name: string, about: string, cell: (entry: Entry) => string): TableColumn<Entry> => ({
  name,
  type: 'string',
  about,
  cell: (entry) => safeCell(cell(entry)),
})

function fieldColumns(
  name: string,
  entries: readonly Entry[],
  fieldOf: (entry: Entry) => EntryField | undefined,
): TableColumn<Entry>[] {
  const before = name === valueField ? '' : `${name}_`
  const isNumber = entries.every((entry) => typeof (fieldOf(entry)?.value ?? 0) === 'number')
  return [
    {
      name,
      type: isNumber ? 'number' : 'string',
      about: name === valueField ? 'What was read' : `What was read: ${name}`,
      cell: (entry) => {
        const value = fieldOf(entry)?.value ?? ''
        return typeof value === 'number' ? value : safeCell(value)
      },
    },
    text(`${before}typed`, 'As it was typed', (entry) => fieldOf(entry)?.typed ?? ''),
    text(
      `${before}given`,
      'Whether it was typed, chosen or taken from a suggestion',
      (entry) => fieldOf(entry)?.given ?? '',
    ),
  ]
}
