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
  const rows = entries.map((entry) => ({
    group: safeCell(groupNames[entry.groupId] ?? entry.groupId),
    level: safeCell(entry.levelId === null ? '' : (levels.get(entry.levelId) ?? entry.levelId)),
    try: entry.tryNumber,
    moment: safeCell(way.momentSaid(plan, entry.moment)),
    ...Object.assign({}, ...names.map((name) => fieldCells(name, asWords(entry, name)))),
    unit: unitDefinition(entry.readWith?.unit ?? plan.measured.unit).symbol,
    instrument: safeCell(entry.readWith?.instrument ?? ''),
    mark: entry.readWith?.mark ?? '',
    status: status(entry),
    reason: safeCell(entry.reason),
    note: safeCell(entry.note),
    source: entry.source,
    taken_at: entry.takenAt,
    id: entry.id,
    supersedes: entry.supersedes ?? '',
  }))
  const columns = [
    ...['group', 'level', 'try', 'moment'],
    ...names.flatMap((name) => Object.keys(fieldCells(name, undefined))),
    ...['unit', 'instrument', 'mark', 'status', 'reason', 'note', 'source', 'taken_at', 'id', 'supersedes'],
  ]
  return Papa.unparse(
    { fields: columns, data: rows.map((row: Record<string, unknown>) => columns.map((one) => row[one])) },
    { newline: '\r\n' },
  )
}

function fieldCells(name: string, field: EntryField | undefined): Record<string, string | number> {
  const before = name === valueField ? '' : `${name}_`
  const value = field?.value ?? ''
  return {
    [name]: typeof value === 'number' ? value : safeCell(value),
    [`${before}typed`]: safeCell(field?.typed ?? ''),
    [`${before}given`]: field?.given ?? '',
  }
}
