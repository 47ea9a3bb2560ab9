import { and, eq, isNull } from 'drizzle-orm'
import type { Database } from '../database/database'
import { lessons } from '../database/schema'
import { notFound } from '../http/apiError'

export type LessonRow = typeof lessons.$inferSelect

/** A lesson's own row; one that was taken off the logbook is not found. */
export async function findLesson(db: Database, id: string): Promise<LessonRow> {
  const [row] = await db
    .select()
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)))
  if (!row) throw notFound('lesson')
  return row
}

/** A lesson's own row, which nobody else changes until the transaction ends. */
export async function lockLesson(tx: Database, id: string): Promise<LessonRow> {
  const [row] = await tx.select().from(lessons).where(eq(lessons.id, id)).for('update')
  if (!row || row.removedAt) throw notFound('lesson')
  return row
}
