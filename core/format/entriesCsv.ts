import Papa from 'papaparse'
import { levelName, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { slotKey, standingOf, standingEntries, type Entry, type EntryField } from '../entries'
import { valueField, wayOf } from '../recording'
import { safeCell } from './cells'

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
export function entriesCsv(
  plan: Plan,
  groupNames: Record<string, string>,
  entries: readonly Entry[],
): string {
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
  const columns: Column[] = [
    { name: 'group', cell: (entry) => safeCell(groupNames[entry.groupId] ?? entry.groupId) },
    {
      name: 'level',
      cell: ({ levelId }) => safeCell(levelId === null ? '' : (levels.get(levelId) ?? levelId)),
    },
    { name: 'try', cell: (entry) => entry.tryNumber },
    { name: 'moment', cell: (entry) => safeCell(way.momentSaid(plan, entry.moment)) },
    ...names.flatMap((name) => fieldColumns(name, (entry) => asWords(entry, name))),
    { name: 'unit', cell: (entry) => unitDefinition(entry.readWith?.unit ?? plan.measured.unit).symbol },
    { name: 'instrument', cell: (entry) => safeCell(entry.readWith?.instrument ?? '') },
    { name: 'mark', cell: (entry) => entry.readWith?.mark ?? '' },
    { name: 'status', cell: status },
    { name: 'reason', cell: (entry) => safeCell(entry.reason) },
    { name: 'note', cell: (entry) => safeCell(entry.note) },
    { name: 'source', cell: (entry) => entry.source },
    { name: 'taken_at', cell: (entry) => entry.takenAt },
    { name: 'id', cell: (entry) => entry.id },
    { name: 'supersedes', cell: (entry) => entry.supersedes ?? '' },
  ]
  return Papa.unparse(
    {
      fields: columns.map(({ name }) => name),
      data: entries.map((entry) => columns.map(({ cell }) => cell(entry))),
    },
    { newline: '\r\n' },
  )
}

/** A column of the file: one more is one more line in the list above. */
interface Column {
  name: string
  cell: (entry: Entry) => string | number
}

function fieldColumns(name: string, fieldOf: (entry: Entry) => EntryField | undefined): Column[] {
  const before = name === valueField ? '' : `${name}_`
  return [
    {
      name,
      cell: (entry) => {
        const value = fieldOf(entry)?.value ?? ''
        return typeof value === 'number' ? value : safeCell(value)
      },
    },
    { name: `${before}typed`, cell: (entry) => safeCell(fieldOf(entry)?.typed ?? '') },
    { name: `${before}given`, cell: (entry) => fieldOf(entry)?.given ?? '' },
  ]
}
