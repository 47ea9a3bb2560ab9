import { asc, eq } from 'drizzle-orm'
import type { Database } from '../../database/database'
import { lessons, notes, observations, predictions, roleTurns } from '../../database/schema'
import { ApiError } from '../../errors/apiError'
import { getClass } from '../classes'
import { entriesOf } from '../entries'
import { observationsOf } from '../observations'
import { reviewsOf } from '../reviews'
import { getPicture } from '../pictures'
import { sharesOf } from './classAccess'

const format = { format: 'jolly-beaker-class', version: 1 }

/**
 * All that is held about a class, as pieces of one JSON text: its children and allergies, whose it is, every lesson with what was predicted,
 * read, noticed, left with other groups and who did what, removed ones too, and the pictures that children took. One lesson or picture is in memory at a time.
 */
export async function* exportClass(db: Database, classId: string): AsyncGenerator<string> {
  const own = await getClass(db, classId, true)
  const rows = await db.select().from(lessons).where(eq(lessons.classId, classId)).orderBy(asc(lessons.date))
  yield `{"about":${JSON.stringify(format)},"class":${JSON.stringify({ ...own, ...(await sharesOf(db, classId)) })},"lessons":[`
  for (const [place, row] of rows.entries())
    yield (place > 0 ? ',' : '') + JSON.stringify(await heldOfLesson(db, row))
  yield '],"pictures":{'
  let isFirst = true
  for await (const [id, picture] of picturesOf(
    db,
    rows.map((row) => row.id),
  )) {
    yield `${isFirst ? '' : ','}${JSON.stringify(id)}:${JSON.stringify(picture)}`
    isFirst = false
  }
  yield '}}'
}

async function heldOfLesson(
  db: Database,
  { saves: _saves, joinCode: _code, ...row }: typeof lessons.$inferSelect,
) {
  return {
    ...row,
    notes: await db.select().from(notes).where(eq(notes.lessonId, row.id)),
    predictions: await db.select().from(predictions).where(eq(predictions.lessonId, row.id)),
    entries: await entriesOf(db, row.id),
    observations: await observationsOf(db, row.id),
    reviews: await reviewsOf(db, row.id),
    roleTurns: await db.select().from(roleTurns).where(eq(roleTurns.lessonId, row.id)),
  }
}

/** A picture that was deleted meanwhile is not held any more. */
function missing(error: unknown): null {
  if (error instanceof ApiError && error.code === 'not-found') return null
  throw error
}

async function* picturesOf(db: Database, lessonIds: readonly string[]) {
  for (const lessonId of lessonIds)
    for (const { picture } of await db
      .select({ picture: observations.picture })
      .from(observations)
      .where(eq(observations.lessonId, lessonId))) {
      if (picture === null) continue
      const taken = await getPicture(db, picture).catch(missing)
      if (taken)
        yield [picture, { type: taken.type, base64: Buffer.from(taken.bytes).toString('base64') }] as const
    }
}
