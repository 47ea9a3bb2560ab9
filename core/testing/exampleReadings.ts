import type { Reading } from '../record'

let made = 0

/** One counted reading; what is not given is ordinary. */
export function reading(changes: Partial<Reading> = {}): Reading {
  made++
  return {
    id: `r${made}`,
    groupId: 'leaf',
    levelId: 'h20',
    tryNumber: 1,
    value: 10,
    typed: String(changes.value ?? 10),
    given: 'typed',
    status: 'counted',
    reason: '',
    source: 'desk',
    takenAt: new Date(Date.UTC(2026, 2, 9, 10, 0, made)).toISOString(),
    supersedes: null,
    ...changes,
  }
}

/** Counted readings from a table: group, then level, then the tries. */
export function readingsFrom(table: Record<string, Record<string, number[]>>): Reading[] {
  return Object.entries(table).flatMap(([groupId, levels]) =>
    Object.entries(levels).flatMap(([levelId, values]) =>
      values.map((value, index) => reading({ groupId, levelId, tryNumber: index + 1, value })),
    ),
  )
}
