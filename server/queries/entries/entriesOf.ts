import { and, asc, eq, inArray } from 'drizzle-orm'
import type { Entry } from '#core/entries'
import type { Database } from '../../database/database'
import { entries } from '../../database/schema'

/** All entries of a lesson in the order of arrival; those that came at once in the order in which they were taken. */
export async function entriesOf(db: Database, lessonId: string): Promise<Entry[]> {
  return (await entriesByLesson(db, [lessonId])).get(lessonId) ?? []
}

/** The same for several lessons, by lesson. */
export async function entriesByLesson(
  db: Database,
  lessonIds: readonly string[],
): Promise<Map<string, Entry[]>> {
  const found = new Map<string, Entry[]>()
  if (lessonIds.length === 0) return found
  const rows = await db
    .select()
    .from(entries)
    .where(inArray(entries.lessonId, [...lessonIds]))
    .orderBy(asc(entries.receivedAt), asc(entries.takenAt), asc(entries.id))
  for (const row of rows) {
    const own = found.get(row.lessonId)
    if (own) own.push(toEntry(row))
    else found.set(row.lessonId, [toEntry(row)])
  }
  return found
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

/** How many entries a group has made in a lesson. */
export async function countEntries(db: Database, lessonId: string, groupId: string): Promise<number> {
  return db.$count(entries, and(eq(entries.lessonId, lessonId), eq(entries.groupId, groupId)))
}
