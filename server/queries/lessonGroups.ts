import { eq, sql } from 'drizzle-orm'
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
  const [row] = await db.select({ ids: groupsTakingPart }).from(lessons).where(eq(lessons.id, id))
  return new Set(row?.ids)
}
