import { and, eq, isNull } from 'drizzle-orm'
import type { Database } from '../database/database'
import { lessons } from '../database/schema'

/** Which groups take part in a lesson: those of a part are named; the whole lesson has all that no part has taken. */
export async function takesPart(
  db: Database,
  lesson: { id: string; groupIds: string[] | null },
): Promise<(groupId: string) => boolean> {
  if (lesson.groupIds) {
    const own = new Set(lesson.groupIds)
    return (groupId) => own.has(groupId)
  }
  const parts = await db
    .select({ groupIds: lessons.groupIds })
    .from(lessons)
    .where(and(eq(lessons.partOf, lesson.id), isNull(lessons.removedAt)))
  const taken = new Set(parts.flatMap((part) => part.groupIds ?? []))
  return (groupId) => !taken.has(groupId)
}
