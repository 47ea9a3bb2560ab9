import { and, asc, eq } from 'drizzle-orm'
import type { Entry } from '#core/record'
import type { Database } from '../../database/database'
import { entries } from '../../database/schema'

/** All entries of a lesson in the order of arrival; those that came at once in the order in which they were taken. */
export async function entriesOf(db: Database, lessonId: string): Promise<Entry[]> {
  const rows = await db
    .select()
    .from(entries)
    .where(eq(entries.lessonId, lessonId))
    .orderBy(asc(entries.receivedAt), asc(entries.takenAt), asc(entries.id))
  return rows.map(toEntry)
}

/** An entry as it goes round, from its row. */
export function toEntry({
  lessonId: _lesson,
  receivedAt: _received,
  takenAt,
  ...row
}: typeof entries.$inferSelect): Entry {
  return { ...row, takenAt: takenAt.toISOString() }
}

/** Whether a group has recorded anything in a lesson. */
export async function hasEntries(db: Database, lessonId: string, groupId: string): Promise<boolean> {
  const rows = await db
    .select({ id: entries.id })
    .from(entries)
    .where(and(eq(entries.lessonId, lessonId), eq(entries.groupId, groupId)))
    .limit(1)
  return rows.length > 0
}
