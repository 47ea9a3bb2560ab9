import { and, eq, inArray, sql } from 'drizzle-orm'
import type { Database } from '../database/database'
import { groups } from '../database/schema'

/** The groups that take part in a lesson: those of a part are named; the whole lesson has all that no part has taken. */
export async function groupsOf(
  db: Database,
  lesson: { id: string; classId: string; groupIds: string[] | null },
): Promise<Set<string>> {
  const free = sql`not exists (select 1 from lessons part where part.part_of = ${lesson.id}
    and part.removed_at is null and jsonb_exists(part.group_ids, ${groups.id}::text))`
  const rows = await db
    .select({ id: groups.id })
    .from(groups)
    .where(
      and(eq(groups.classId, lesson.classId), lesson.groupIds ? inArray(groups.id, lesson.groupIds) : free),
    )
  return new Set(rows.map((row) => row.id))
}
