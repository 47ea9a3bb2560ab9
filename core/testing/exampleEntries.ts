import type { Entry } from '../entries'

let made = 0

/** What an example says of an entry: its one number, beside anything else that is not ordinary. */
export type ExampleEntry = Partial<Entry> & { value?: number | null; typed?: string }

/** One counted entry of one number; what is not given is ordinary. */
export function entry({ value = 10, typed = String(value), ...changes }: ExampleEntry = {}): Entry {
  made++
  return {
    id: `r${made}`,
    groupId: 'leaf',
    levelId: 'h20',
    tryNumber: 1,
    moment: '',
    fields: value === null ? {} : { value: { typed, given: 'typed', value } },
    note: '',
    readWith: null,
    status: 'counted',
    reason: '',
    source: 'desk',
    takenAt: new Date(Date.UTC(2026, 2, 9, 10, 0, made)).toISOString(),
    supersedes: null,
    ...changes,
  }
}

/** Counted entries from a table: group, then level, then the tries. */
export function entriesFrom(table: Record<string, Record<string, number[]>>): Entry[] {
  return Object.entries(table).flatMap(([groupId, levels]) =>
    Object.entries(levels).flatMap(([levelId, values]) =>
      values.map((value, index) => entry({ groupId, levelId, tryNumber: index + 1, value })),
    ),
  )
}
