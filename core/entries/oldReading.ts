import type { Entry, EntrySource, Given } from './entry'

/** A reading as it was kept before entries: one number for a try of a level. */
export interface OldReading {
  id: string
  groupId: string
  levelId: string
  tryNumber: number
  value: number | null
  typed: string
  given?: Given
  status: 'counted' | 'set-aside'
  reason: string
  source: EntrySource
  takenAt: string
  supersedes: string | null
}

/**
 * A reading of the older kind as an entry of one field. What it was read with was not kept then.
 * @example entryFromReading(old).fields.value // { typed: '13', given: 'typed', value: 13 }
 */
export function entryFromReading({ value, typed, given = 'typed', ...rest }: OldReading): Entry {
  return {
    ...rest,
    moment: '',
    fields: value === null ? {} : { value: { typed, given, value } },
    note: '',
    readWith: null,
  }
}

/** Whether something kept or sent is a reading of the older kind. */
export function isOldReading(one: unknown): one is OldReading {
  return typeof one === 'object' && one !== null && 'typed' in one && !('fields' in one)
}
