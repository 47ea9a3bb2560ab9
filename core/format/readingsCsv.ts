import Papa from 'papaparse'
import { levelName, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { currentReadings, type Reading } from '../record'
import { safeCell } from './cells'

/**
 * All readings of a lesson as CSV (RFC 4180, header first, UTF-8), in the order of their arrival, superseded and set-aside
 * ones included and marked as such.
 *
 * Columns: group, level, try, value, unit, status (counted, set aside, superseded), reason, typed, given (typed, chosen
 * where the text reads two ways, suggested), source, taken_at (ISO 8601), id, supersedes.
 *
 * @param groupNames the name of each group by its id
 * @example readingsCsv(plan, { g: 'Leaf' }, readings).split('\r\n')[1] // 'Leaf,20 cm,1,13,cm,counted,…'
 */
export function readingsCsv(
  plan: Plan,
  groupNames: Record<string, string>,
  readings: readonly Reading[],
): string {
  const standing = new Set(currentReadings(readings).map((reading) => reading.id))
  const levels = new Map(plan.levels.map((level) => [level.id, levelName(plan, level)]))
  const rows = readings.map((reading) => ({
    group: safeCell(groupNames[reading.groupId] ?? reading.groupId),
    level: safeCell(levels.get(reading.levelId) ?? reading.levelId),
    try: reading.tryNumber,
    value: reading.value ?? '',
    unit: unitDefinition(plan.measured.unit).symbol,
    status: !standing.has(reading.id) ? 'superseded' : reading.status === 'counted' ? 'counted' : 'set aside',
    reason: safeCell(reading.reason),
    typed: safeCell(reading.typed),
    given: reading.given,
    source: reading.source,
    taken_at: reading.takenAt,
    id: reading.id,
    supersedes: reading.supersedes ?? '',
  }))
  return Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => row[column])) },
    { newline: '\r\n' },
  )
}

const columns = [
  'group',
  'level',
  'try',
  'value',
  'unit',
  'status',
  'reason',
  'typed',
  'given',
  'source',
  'taken_at',
  'id',
  'supersedes',
] as const
