import { defined } from '#core/defined'
import { and, asc, count, eq } from 'drizzle-orm'
import { observationLimits, type Observation } from '#core/observation'
import type { ObservationChange, ObservationInput } from '#shared/types/api'
import { useOpenDatabase } from '../database/client'
import type { Database } from '../database/database'
import { deleteUnusedBytes } from '../database/pictureFiles'
import { observations } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { groupsOf } from './lessonGroups'
import { lockLesson } from './lessonRow'
import { addPicture, deletePicture, drawPicture, keepingPicture, type KeptPicture } from './pictures'

/** The observations of a lesson in the order in which they were seen, with those that were taken off. */
export async function observationsOf(db: Database, lessonId: string): Promise<Observation[]> {
  const rows = await db
    .select()
    .from(observations)
    .where(eq(observations.lessonId, lessonId))
    .orderBy(asc(observations.seenAt), asc(observations.id))
  return rows.map(toObservation)
}

function toObservation({
  lessonId: _lesson,
  madeAt: _made,
  seenAt,
  ...row
}: typeof observations.$inferSelect): Observation {
  return { ...row, seenAt: seenAt.toISOString() }
}

/**
 * Keeps an observation with its picture. The same act sent twice changes nothing. One from a device that was away is kept whatever has
 * become of the plan since: where its group or its place is gone, it is the class's, or about the whole test.
 */
export async function addObservation(
  db: Database,
  lessonId: string,
  id: string,
  input: ObservationInput,
): Promise<Observation> {
  if (input.picture === null) return addSeen(db, lessonId, id, input, null)
  // Drawn and written before anything is locked: a large photo takes seconds, and others have readings to save.
  const drawn = await drawPicture(Buffer.from(input.picture, 'base64'))
  return keepingPicture(drawn, (picture) => addSeen(db, lessonId, id, input, picture))
}

async function addSeen(
  db: Database,
  lessonId: string,
  id: string,
  { picture: _sent, about, groupId, seenAt, ...given }: ObservationInput,
  picture: KeptPicture | null,
): Promise<Observation> {
  return db.transaction(async (tx) => {
    const lesson = await lockLesson(tx, lessonId)
    const [known] = await tx.select().from(observations).where(eq(observations.id, id))
    if (known) {
      if (known.lessonId !== lessonId)
        throw new ApiError('conflict', 'This observation belongs to another lesson.')
      return toObservation(known)
    }
    await refuseTooMany(tx, lessonId)
    const knowsLevel = !about?.levelId || lesson.plan.levels.some((level) => level.id === about.levelId)
    const takesPart = groupId !== null && (await groupsOf(tx, lesson)).has(groupId)
    const kept = picture && (await addPicture(tx, picture))
    const [row] = await tx
      .insert(observations)
      .values({
        ...given,
        id,
        lessonId,
        groupId: takesPart ? groupId : null,
        about: takesPart && knowsLevel ? about : null,
        picture: kept?.id ?? null,
        seenAt: new Date(seenAt),
      })
      .returning()
    return tell(tx, lessonId, defined(row))
  })
}

async function tell(
  tx: Database,
  lessonId: string,
  row: typeof observations.$inferSelect,
): Promise<Observation> {
  const observation = toObservation(row)
  await recordEvent(tx, lessonId, { kind: 'observation', observation })
  return observation
}

async function refuseTooMany(tx: Database, lessonId: string): Promise<void> {
  const [kept] = await tx
    .select({ count: count() })
    .from(observations)
    .where(eq(observations.lessonId, lessonId))
  if (defined(kept).count >= observationLimits.count)
    throw new ApiError(
      'conflict',
      `This lesson keeps ${observationLimits.count} observations, which is all it can. Write the rest on paper.`,
    )
}

/** Words it anew, sorts it, puts it on the Board or takes it off. */
export async function changeObservation(
  db: Database,
  lessonId: string,
  id: string,
  changes: ObservationChange,
): Promise<Observation> {
  return db.transaction(async (tx) => {
    const before = await findObservation(tx, lessonId, id)
    const next = { ...before, ...changes }
    if (next.text === '' && next.picture === null && !next.pictureDeleted)
      throw new ApiError('invalid', 'Write what was seen, or take the observation off.', [
        { path: 'text', message: 'Write what was seen, or take the observation off.' },
      ])
    // What was taken off is nowhere to be seen, and comes back without a step onto the Board.
    const onBoard = next.onBoard && !next.removed
    const [row] = await tx
      .update(observations)
      .set({ kind: next.kind, text: next.text, removed: next.removed, onBoard })
      .where(eq(observations.id, id))
      .returning()
    return tell(tx, lessonId, defined(row))
  })
}

/** Deletes the photo or sketch of an observation for good: it is nowhere among the data any more. */
export async function deleteObservedPicture(
  db: Database,
  lessonId: string,
  id: string,
): Promise<Observation> {
  const [observation, hash] = await db.transaction(async (tx) => {
    const before = await findObservation(tx, lessonId, id)
    if (before.picture === null) return [toObservation(before), null] as const
    const [row] = await tx
      .update(observations)
      .set({ picture: null, pictureDeleted: true, onBoard: before.onBoard && before.text !== '' })
      .where(eq(observations.id, id))
      .returning()
    const hash = await deletePicture(tx, before.picture)
    return [await tell(tx, lessonId, defined(row)), hash] as const
  })
  await deleteUnusedBytes(db, useOpenDatabase().folder, hash)
  return observation
}

async function findObservation(tx: Database, lessonId: string, id: string) {
  await lockLesson(tx, lessonId)
  const [row] = await tx
    .select()
    .from(observations)
    .where(and(eq(observations.id, id), eq(observations.lessonId, lessonId)))
  if (!row) throw notFound('observation')
  return row
}
