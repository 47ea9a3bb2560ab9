import { defined } from '#core/defined'
import { and, asc, count, eq, inArray, isNull, ne } from 'drizzle-orm'
import { wonderLimits, type Note, type Stimulus } from '#core/wonder'
import type { Database } from '../database/database'
import { lessons, notes } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { lockLesson } from './lessonRow'
import { pictureExists } from './pictures'

/** The notes of a lesson in the order in which they were written. */
export async function notesOf(db: Database, lessonId: string): Promise<Note[]> {
  const rows = await db
    .select()
    .from(notes)
    .where(and(eq(notes.lessonId, lessonId), isNull(notes.removedAt)))
    .orderBy(asc(notes.madeAt), asc(notes.id))
  return rows.map(toNote)
}

function toNote({ id, kind, text, sort, settled }: typeof notes.$inferSelect): Note {
  return { id, kind, text, sort, settled }
}

/** The questions on the boards of several lessons, by lesson. */
export async function questionsOf(db: Database, lessonIds: string[]): Promise<Map<string, Note[]>> {
  const found = new Map<string, Note[]>()
  if (lessonIds.length === 0) return found
  const rows = await db
    .select()
    .from(notes)
    .where(and(inArray(notes.lessonId, lessonIds), eq(notes.kind, 'asking'), isNull(notes.removedAt)))
    .orderBy(asc(notes.madeAt), asc(notes.id))
  for (const row of rows) found.set(row.lessonId, [...(found.get(row.lessonId) ?? []), toNote(row)])
  return found
}

/** Writes a note, changes it, or brings a removed one back: the same act sent twice changes nothing. */
export async function saveNote(db: Database, lessonId: string, note: Note): Promise<Note> {
  return db.transaction(async (tx) => {
    await lockLesson(tx, lessonId)
    const [other] = await tx
      .select({ id: notes.id })
      .from(notes)
      .where(and(eq(notes.id, note.id), ne(notes.lessonId, lessonId)))
    if (other) throw new ApiError('conflict', 'This note belongs to another lesson.')
    await refuseTooMany(tx, lessonId, note.id)
    const { id: _id, ...changes } = note
    await tx
      .insert(notes)
      .values({ ...note, lessonId })
      .onConflictDoUpdate({ target: notes.id, set: { ...changes, removedAt: null } })
    await recordEvent(tx, lessonId, { kind: 'note', note })
    return note
  })
}

async function refuseTooMany(tx: Database, lessonId: string, id: string): Promise<void> {
  const [others] = await tx
    .select({ count: count() })
    .from(notes)
    .where(and(eq(notes.lessonId, lessonId), isNull(notes.removedAt), ne(notes.id, id)))
  if (defined(others).count >= wonderLimits.notes)
    throw new ApiError(
      'conflict',
      `The board is full: ${wonderLimits.notes} notes are all it holds. Take some off first.`,
    )
}

/** Takes a note off the board; saving it again brings it back. */
export async function removeNote(db: Database, lessonId: string, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    await lockLesson(tx, lessonId)
    const removed = await tx
      .update(notes)
      .set({ removedAt: new Date() })
      .where(and(eq(notes.id, id), eq(notes.lessonId, lessonId), isNull(notes.removedAt)))
      .returning({ id: notes.id })
    if (removed.length === 0) throw notFound('note')
    await recordEvent(tx, lessonId, { kind: 'note-removed', id })
  })
}

/** Says what the class wonders about. */
export async function saveStimulus(db: Database, lessonId: string, stimulus: Stimulus): Promise<Stimulus> {
  return db.transaction(async (tx) => {
    await lockLesson(tx, lessonId)
    if (stimulus.picture && !(await pictureExists(tx, stimulus.picture))) throw notFound('picture')
    await tx.update(lessons).set({ stimulus }).where(eq(lessons.id, lessonId))
    await recordEvent(tx, lessonId, { kind: 'stimulus', stimulus })
    return stimulus
  })
}
