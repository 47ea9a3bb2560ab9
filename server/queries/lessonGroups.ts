import { inArray, sql } from 'drizzle-orm'
import type { Database } from '../database/database'
import { lessons } from '../database/schema'

/**
 * The ids of the groups that take part in a lesson, as a column beside the lesson's own: those of a part are named; the whole lesson has
 * all that no part has taken. Names are written out, since a select from one table leaves them bare.
 */
export const groupsTakingPart = sql<string[]>`(
  select coalesce(jsonb_agg(own.id order by own.id), '[]'::jsonb) from groups own
  where own.class_id = lessons.class_id and case
    when lessons.group_ids is null then not exists (
      select 1 from lessons part where part.part_of = lessons.id and part.removed_at is null
        and jsonb_exists(part.group_ids, own.id::text))
    else jsonb_exists(lessons.group_ids, own.id::text) end)`

/** The groups that take part in a lesson. */
export async function groupsOf(db: Database, { id }: { id: string }): Promise<Set<string>> {
  return (await groupsByLesson(db, [id])).get(id) ?? new Set()
}

/** The same for several lessons, by lesson. */
export async function groupsByLesson(
  db: Database,
  ids: readonly string[],
): Promise<Map<string, Set<string>>> {
  if (ids.length === 0) return new Map()
  const rows = await db
    .select({ id: lessons.id, groupIds: groupsTakingPart })
    .from(lessons)
    .where(inArray(lessons.id, [...ids]))
  return new Map(rows.map((row) => [row.id, new Set(row.groupIds)]))
}
