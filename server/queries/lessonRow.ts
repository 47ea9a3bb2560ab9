import { defined } from '#core/defined'
import { and, asc, eq, isNull, or, type SQL } from 'drizzle-orm'
import type { Database } from '../database/database'
import { lessons } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'

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

/** How many saves of a lesson are remembered: more than can be on their way at once. */
const remembered = 40

/** The version that a save came to when it arrived before; null for one that is new, or has no id. */
export const versionOfSave = ({ saves }: LessonRow, save: string | undefined): number | null =>
  saves.find(({ id }) => id === save)?.version ?? null

/** The saves to be remembered with a new one. */
export const withSave = (
  { saves }: LessonRow,
  save: string | undefined,
  version: number,
): LessonRow['saves'] =>
  save === undefined ? saves : [...saves.slice(1 - remembered), { id: save, version }]

/** Refuses to save over what another screen has saved since. */
export function rejectStaleVersion(what: 'plan' | 'conclusion', version: number, now: number): void {
  if (version !== now)
    throw new ApiError(
      'conflict',
      `This ${what} was changed on another screen. Reload to see it; your last change was not saved.`,
    )
}

/**
 * A lesson with all that ask the same question, the whole and its parts, which nobody else changes until the transaction ends. They are
 * locked in the order of their ids, as everywhere, so that two who want the same never wait for each other.
 */
export async function lockFamily(
  tx: Database,
  id: string,
): Promise<{ lesson: LessonRow; whole: LessonRow; family: LessonRow[] }> {
  // A part never changes its whole, so this may be read before the lock.
  const [asked] = await tx.select({ partOf: lessons.partOf }).from(lessons).where(eq(lessons.id, id))
  const wholeId = asked?.partOf ?? id
  const family = await lockLessons(tx, defined(or(eq(lessons.id, wholeId), eq(lessons.partOf, wholeId))))
  const lesson = family.find((row) => row.id === id)
  const whole = family.find((row) => row.id === wholeId)
  if (!lesson || !whole) throw notFound('lesson')
  return { lesson, whole, family }
}

/** Several lessons, which nobody else changes until the transaction ends, in the order in which everybody locks them. */
export const lockLessons = (tx: Database, which: SQL): Promise<LessonRow[]> =>
  tx.select().from(lessons).where(which).orderBy(asc(lessons.id)).for('update')

/** A lesson's whole and its parts in the order in which they were made, asked for by any of them. */
export async function familyOf(db: Database, id: string): Promise<[LessonRow, ...LessonRow[]]> {
  const asked = await findLesson(db, id)
  const wholeId = asked.partOf ?? id
  const rows = await db
    .select()
    .from(lessons)
    .where(and(or(eq(lessons.id, wholeId), eq(lessons.partOf, wholeId)), isNull(lessons.removedAt)))
    .orderBy(asc(lessons.madeAt), asc(lessons.id))
  return [defined(rows[0]), ...rows.slice(1)]
}
