import { and, eq, inArray, isNull } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { withFreshIds, type ArchivedTest, type LessonArchive } from '#core/archive'
import { defined } from '#core/defined'
import { standingOf } from '#core/entries'
import type { ArchivePreviewDto } from '#shared/types/archive'
import type { Database } from '../../database/database'
import {
  classes,
  entries,
  groups,
  lessons,
  notes,
  observations,
  predictions,
  reviews,
} from '../../database/schema'
import { ApiError } from '../../errors/apiError'
import { createClass } from '../classes'
import { createInvestigation } from '../investigations'
import { classesOf } from '../people/classAccess'
import type { TeacherVisitor } from '../people/sessions'
import { drawPicture, keepPicture, type DrawnPicture } from '../pictures'
import type { OpenedArchive } from './openArchive'

/** What restoring an archived lesson would do. */
export async function previewArchive(
  db: Database,
  teacher: TeacherVisitor,
  { archive }: OpenedArchive,
): Promise<ArchivePreviewDto> {
  const [whole] = archive.tests
  const { plan, date } = defined(whole)
  const into = await classItCameFrom(db, teacher, archive)
  const sum = (of: (test: ArchivedTest) => readonly unknown[]) =>
    archive.tests.reduce((total, test) => total + of(test).length, 0)
  const [same] = await db
    .select({ id: lessons.id })
    .from(lessons)
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(and(eq(lessons.id, defined(whole).id), isNull(lessons.removedAt), classesOf(teacher)))
  return {
    title: plan.title || plan.question,
    date,
    className: archive.class.name,
    isNewClass: into === null,
    children: archive.class.pupils.length,
    tests: archive.tests.length,
    // What was corrected or set aside is kept, and is no reading more.
    readings: sum((test) => standingOf(test.entries).counted),
    noticed: sum((test) => test.observations),
    pictures: Object.keys(archive.pictures).length,
    isHere: same !== undefined,
  }
}

/**
 * Makes a lesson out of an archived one, with everything in it under identifiers of its own. It goes to the class that it came from where
 * that is here; otherwise the class comes along.
 * @param id the new lesson's; sent twice, it is made once
 */
export async function restoreLesson(
  db: Database,
  teacher: TeacherVisitor,
  { archive, pictures }: OpenedArchive,
  id: string,
): Promise<{ id: string; pictures: number }> {
  const drawn = await drawAll(archive, pictures)
  const into = await classItCameFrom(db, teacher, archive)
  const readable = Object.entries(archive.pictures).filter(([picture]) => drawn.has(picture))
  const ids = new Map([[defined(archive.tests[0]).id, id]])
  for (const own of into === null ? [] : membersOf(archive)) ids.set(own, own)
  const fresh = (old: string) => defined(ids.get(old) ?? ids.set(old, newId()).get(old))
  const {
    class: own,
    tests,
    pictures: named,
  } = withFreshIds({ ...archive, pictures: Object.fromEntries(readable) }, fresh)
  await db.transaction(async (tx) => {
    const [done] = await tx.select({ id: lessons.id }).from(lessons).where(eq(lessons.id, id))
    if (done) return
    for (const [picture, one] of drawn) await keepPicture(tx, one, fresh(picture))
    const classId = into ?? (await createClass(tx, withoutId(own), teacher.id)).id
    const { plan } = defined(tests[0])
    // Without levels it is not offered as something to start from: the lesson itself can be run again.
    const investigationId = await createInvestigation(tx, { ...plan, levels: [] }, null)
    for (const [place, test] of tests.entries())
      await insertTest(tx, test, { classId, investigationId, partOf: place === 0 ? null : id })
  })
  return { id, pictures: Object.keys(named).length }
}

/** The pictures of an archive, encoded again as every upload is; those that can’t be read are left out. */
async function drawAll(
  { pictures: named }: LessonArchive,
  pictures: OpenedArchive['pictures'],
): Promise<Map<string, DrawnPicture>> {
  const drawn = new Map<string, DrawnPicture>()
  // One after the other: each is held in memory while it is drawn.
  for (const id of Object.keys(named)) {
    const bytes = pictures[id]
    const picture = bytes && (await drawPicture(bytes).catch(nothingToShow))
    if (picture) drawn.set(id, picture)
  }
  return drawn
}

function nothingToShow(error: unknown): null {
  if (error instanceof ApiError && error.code === 'invalid') return null
  throw error
}

const membersOf = ({ class: own }: LessonArchive): string[] => [
  own.id,
  ...[...own.groups, ...own.pupils].map(({ id }) => id),
]

/** The class that a lesson came from, if it is here, the teacher may use it and it still has all groups of the lesson; null otherwise. */
async function classItCameFrom(
  db: Database,
  teacher: TeacherVisitor,
  { class: own }: LessonArchive,
): Promise<string | null> {
  const ids = own.groups.map(({ id }) => id)
  const found = await db
    .select({ id: groups.id })
    .from(groups)
    .innerJoin(classes, eq(classes.id, groups.classId))
    .where(
      and(eq(classes.id, own.id), inArray(groups.id, ids), isNull(classes.removedAt), classesOf(teacher)),
    )
  return found.length === ids.length ? own.id : null
}

const withoutId = ({ id: _id, ...own }: LessonArchive['class']) => ({ ...own, allergies: [] })

/** Rows that are written in one statement: PostgreSQL takes 65,535 values in one. */
const atOnce = 1000

async function insertTest(
  tx: Database,
  test: ArchivedTest,
  place: { classId: string; investigationId: string; partOf: string | null },
): Promise<void> {
  const { id, notes: board, predictions: predicted, entries: read, observations: seen, reviews: left } = test
  const { date, stage, groupIds, stimulus, plan, conclusion, clock, absent } = test
  const finishedAt = test.finishedAt === null ? null : new Date(test.finishedAt)
  const row = { id, date, stage, groupIds, stimulus, plan, conclusion, clock, absent, finishedAt }
  await tx.insert(lessons).values({ ...row, ...place })
  const lessonId = id
  const now = Date.now()
  // They are listed in the order in which they were made, or came.
  const nth = (index: number) => new Date(now + index)
  const rows = {
    board: board.map((note, index) => ({ ...note, lessonId, madeAt: nth(index) })),
    predicted: predicted.map((one) => ({ ...one, lessonId, madeAt: new Date(one.madeAt) })),
    read: read.map((one, index) => ({
      ...one,
      lessonId,
      takenAt: new Date(one.takenAt),
      receivedAt: nth(index),
    })),
    seen: seen.map((one) => ({ ...one, lessonId, seenAt: new Date(one.seenAt) })),
    left: left.map((one) => ({ ...one, lessonId, madeAt: new Date(one.madeAt) })),
  }
  await inPieces(rows.board, (some) => tx.insert(notes).values(some))
  await inPieces(rows.predicted, (some) => tx.insert(predictions).values(some))
  await inPieces(rows.read, (some) => tx.insert(entries).values(some))
  await inPieces(rows.seen, (some) => tx.insert(observations).values(some))
  await inPieces(rows.left, (some) => tx.insert(reviews).values(some))
}

async function inPieces<Row>(rows: readonly Row[], write: (some: Row[]) => PromiseLike<unknown>) {
  for (let at = 0; at < rows.length; at += atOnce) await write(rows.slice(at, at + atOnce))
}
