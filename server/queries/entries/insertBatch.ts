import { sql, type SQL } from 'drizzle-orm'
import type { Entry } from '#core/entries'
import type { Database } from '../../database/database'
import { executePrepared } from '../../database/prepared'
import { entries, events, lessons } from '../../database/schema'
import { isLockTimeout } from '../../database/sqlState'
import { eventChannel } from '../../live/events'
import { groupsTakingPart } from '../lessonGroups'
import { confirmationStands } from '../safety'
import type { OpenLesson } from './openLesson'

/** For how long another program is waited for that holds one of the lessons. */
const waitAtMost = '100ms'

/** Entries that a lesson takes if it still is as it was when it was read. */
export interface Accepted {
  lesson: OpenLesson
  fresh: Entry[]
}

/**
 * Writes entries of several lessons with the event that tells of them, all in one statement: a statement costs about as much as all that
 * is done with its answer, a transaction has five of them, and one commit waits once for the disk. A lesson that is no longer as it was
 * read, or that knows one of its entries already, gets nothing. Another program that writes entries of the same lessons is waited for,
 * which takes milliseconds; whoever holds a lesson for longer is not, and that lesson gets nothing.
 * @param accepted each lesson once; its entries correct nothing, and are kept in their order
 * @returns the ids of the lessons that got their entries
 * @throws when two entries are the same, or a group is gone; then none is written
 */
export async function insertBatch(db: Database, accepted: readonly Accepted[]): Promise<Set<string>> {
  if (accepted.length === 0) return new Set()
  try {
    return await write(db, accepted, sql``)
  } catch (error) {
    if (!isLockTimeout(error)) throw error
    return write(db, accepted, sql`skip locked`)
  }
}

async function write(db: Database, accepted: readonly Accepted[], whereHeld: SQL): Promise<Set<string>> {
  const asked = accepted.map(({ lesson: { id, planVersion, groupIds, stands }, fresh }) => ({
    ...{ id, planVersion, groupIds, stands },
    entries: fresh,
  }))
  const written = await executePrepared<{ id: string }>(
    db,
    sql`
    with lock_wait as materialized (
      select set_config('lock_timeout', ${waitAtMost}, true)
    ), asked as (
      select one.* from lock_wait, jsonb_to_recordset(${JSON.stringify(asked)}::jsonb)
        as one("id" uuid, "planVersion" int, "groupIds" jsonb, "stands" boolean, "entries" jsonb)
    ), unchanged as (
      select lessons.id, asked.entries from ${lessons} join asked on asked.id = lessons.id
      where lessons.removed_at is null and lessons.plan_version = asked."planVersion"
        and not exists (select 1 from jsonb_to_recordset(asked.entries) as one("id" uuid) join ${entries} known on known.id = one.id)
        and ${groupsTakingPart} = asked."groupIds" and ${confirmationStands} is not distinct from asked.stands
      order by lessons.id for no key update of lessons ${whereHeld}
    ), next as (
      update ${lessons} set seq = lessons.seq + 1 from unchanged where lessons.id = unchanged.id
      returning lessons.id, lessons.seq, unchanged.entries
    ), added as (
      insert into ${entries}
      select one.id, next.id, one."groupId", one."levelId", one."tryNumber", one."moment", one."fields", one."note", one."readWith",
        one."status", one."reason", one."source", one."takenAt", clock_timestamp() + one.nth * interval '1 microsecond', null
      from next, rows from (jsonb_to_recordset(next.entries) as ("id" uuid, "groupId" uuid, "levelId" text, "tryNumber" int,
        "moment" text, "fields" jsonb, "note" text, "readWith" jsonb, "status" text, "reason" text, "source" text,
        "takenAt" timestamptz)) with ordinality
        as one("id", "groupId", "levelId", "tryNumber", "moment", "fields", "note", "readWith", "status", "reason", "source", "takenAt", nth)
    )
    insert into ${events} (lesson_id, seq, event)
    select next.id, next.seq, jsonb_build_object('kind', 'entries', 'entries', next.entries, 'seq', next.seq) from next
    returning lesson_id as id, pg_notify(${eventChannel}, lesson_id::text)`,
  )
  return new Set(written.map((row) => row.id))
}
