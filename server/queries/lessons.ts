import { defined } from '#core/defined'
import { currentDay } from '#shared/lesson/currentDay'
import { and, desc, eq, inArray, isNull, ne, sql } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { SchoolCalendar } from '#core/calendar'
import { classAnswer, emptyConclusion, upgradeConclusion } from '#core/conclusion'
import { standingOf, type Standing } from '#core/entries'
import { scoredPlan } from '#core/comparison'
import { dueToday, groupProgress, startMoment, wayOf } from '#core/recording'
import { clockLog } from '#core/timetable'
import { nextQuestions } from '#core/wonder'
import { readingDays, type Stage } from '#core/lesson'
import { schoolYear, searchedTexts } from '#core/logbook'
import { reviewsSaid } from '#core/review'
import type { conclusionSchema, Given } from '#shared/schemas'
import type { LessonDto, LessonSummaryDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { classes, entries, lessons } from '../database/schema'
import { notFound } from '../errors/apiError'
import { cursorOf } from '../live/cursor'
import { recordEvent, recordEvents } from '../live/events'
import { getClass, listClassesById, withoutNames } from './classes'
import { entriesByLesson, entriesOf } from './entries'
import { clockOf } from './clock'
import { groupsOf, groupsTakingPart } from './lessonGroups'
import { originOf, type LessonOrigin } from './lessonOrigin'
import { findLesson, lockFamily, lockLesson, rejectStaleVersion, versionOfSave, withSave } from './lessonRow'
import { notesOf, questionsOf } from './notes'
import { observationsOf } from './observations'
import { partsOf, refuseTakenGroups, lessonPartsEvent } from './parts'
import { predictionsOf } from './predictions'
import type { ClassScope } from './people/classAccess'
import { reviewsByLesson, reviewsOf } from './reviews'
import { saveRoleTurns } from './roles'
import { safetyOf } from './safety'
import { getSchool } from './school'

/** The logbook: the lessons of the classes that somebody may see, newest day first. A few statements, however many there are. */
export async function listLessons(db: Database, scope: ClassScope): Promise<LessonSummaryDto[]> {
  const rows = await db
    .select({ lesson: lessons, own: classes, groupIds: groupsTakingPart })
    .from(lessons)
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(and(isNull(lessons.removedAt), scope))
    .orderBy(desc(lessons.date), desc(lessons.madeAt))
  const byClass = await listClassesById(db, [...new Set(rows.map((row) => row.own.id))])
  const ids = rows.map((row) => row.lesson.id)
  const counts = await countedEntries(db, ids)
  const asked = await questionsOf(db, ids)
  const left = await reviewsByLesson(db, ids)
  const { calendar, ways } = await getSchool(db)
  const today = currentDay()
  const wanted = rows.filter(({ lesson }) => isToldByEntries(lesson, calendar, today))
  const read = await entriesByLesson(
    db,
    wanted.map(({ lesson }) => lesson.id),
  )
  return rows.map(({ lesson, own, groupIds }) => {
    const whole = defined(byClass.get(own.id))
    const { groups } = withoutNames(whole, new Set(groupIds))
    const standing = standingOf(read.get(lesson.id) ?? [])
    const conclusion = upgradeConclusion(lesson.plan, lesson.conclusion)
    const reviewed = left.get(lesson.id) ?? []
    return {
      id: lesson.id,
      title: lesson.plan.title,
      question: lesson.plan.question,
      classId: own.id,
      className: own.name,
      groupNames: groups.length === whole.groups.length ? null : groups.map((group) => group.name),
      date: lesson.date,
      stage: lesson.stage,
      answer: classAnswer(
        scoredPlan(lesson.plan, hasScoredAnswer(lesson) ? standing.counted : []),
        conclusion,
      ),
      nextQuestion: lesson.conclusion.nextQuestion,
      nextQuestions: nextQuestions(asked.get(lesson.id) ?? [], lesson.plan.question),
      readings: counts.get(lesson.id) ?? 0,
      needed: groups.reduce(
        (sum, group, groupIndex) => sum + groupProgress(lesson.plan, group.id, groupIndex, standing).needed,
        0,
      ),
      dueToday: dueIn(lesson, groups, standing, calendar, today),
      took: lesson.clock?.ended ? (clockLog(lesson.clock)?.said ?? null) : null,
      visits: reviewsSaid(reviewed),
      year: schoolYear(lesson.date, ways.pictures.yearEnds),
      searched: searchedTexts(lesson.plan, conclusion, reviewed),
    }
  })
}

type LessonRow = typeof lessons.$inferSelect

/** Whether the words of the answer hang on what was read. */
const hasScoredAnswer = ({ plan, conclusion }: LessonRow) =>
  conclusion.claim !== null && wayOf(plan).scoredByEntries(plan)

/** Whether a line of the logbook hangs on what was read: its answer, what is due today, or with pairs how many are needed. */
const isToldByEntries = (lesson: LessonRow, calendar: SchoolCalendar, today: string) =>
  hasScoredAnswer(lesson) ||
  wayOf(lesson.plan).askedSlots !== null ||
  daysOf(lesson, calendar).includes(today)

const daysOf = ({ date, plan }: LessonRow, calendar: SchoolCalendar) => readingDays(plan, calendar, date)

/** How many readings a lesson over several days still wants today; null for one that is over in one go. */
function dueIn(
  lesson: LessonRow,
  groups: readonly { id: string }[],
  standing: Standing,
  calendar: SchoolCalendar,
  today: string,
): number | null {
  const days = daysOf(lesson, calendar)
  if (wayOf(lesson.plan).momentsDue(lesson.plan, days, today) === null) return null
  const groupIds = groups.map((group) => group.id)
  return dueToday(lesson.plan, groupIds, standing, days, today)
}

/** How many slots of each lesson hold an entry that counts, or two that somebody must choose from. */
async function countedEntries(db: Database, lessonIds: string[]): Promise<Map<string, number>> {
  if (lessonIds.length === 0) return new Map()
  const slot = sql`(${entries.groupId}, coalesce(${entries.levelId}, ''), ${entries.tryNumber}, ${entries.moment})`
  const rows = await db
    .select({ lessonId: entries.lessonId, count: sql<number>`count(distinct ${slot})::int` })
    .from(entries)
    .where(
      and(
        inArray(entries.lessonId, lessonIds),
        eq(entries.status, 'counted'),
        ne(entries.moment, startMoment),
        sql`not exists (select 1 from entries later where later.supersedes = ${entries.id})`,
      ),
    )
    .groupBy(entries.lessonId)
  return new Map(rows.map((row) => [row.lessonId, row.count]))
}

/** Everything that an open lesson needs, as of one moment. */
export async function getLesson(db: Database, id: string): Promise<LessonDto> {
  return db.transaction(
    async (tx) => {
      const row = await findLesson(tx, id)
      return {
        id,
        investigationId: row.investigationId,
        class: withoutNames(await getClass(tx, row.classId, true), await groupsOf(tx, row)),
        date: row.date,
        stage: row.stage,
        finishedAt: row.finishedAt?.toISOString() ?? null,
        wholeId: row.partOf ?? id,
        parts: await partsOf(tx, row),
        stimulus: row.stimulus,
        notes: await notesOf(tx, id),
        school: await getSchool(tx),
        plan: row.plan,
        planVersion: row.planVersion,
        conclusion: upgradeConclusion(row.plan, row.conclusion),
        conclusionVersion: row.conclusionVersion,
        ...(await clockOf(tx, row)),
        predictions: await predictionsOf(tx, id),
        entries: await entriesOf(tx, id),
        observations: await observationsOf(tx, id),
        reviewing: row.reviewing,
        reviews: await reviewsOf(tx, id),
        seq: row.seq,
        cursor: await cursorOf(tx, id),
        safety: await safetyOf(tx, id),
        removed: false,
      }
    },
    { isolationLevel: 'repeatable read' },
  )
}

export async function createLesson(
  db: Database,
  classId: string,
  day: string,
  from: LessonOrigin,
): Promise<string> {
  const own = await getClass(db, classId)
  return db.transaction(async (tx) => {
    const { plan, investigationId } = await originOf(tx, from, own)
    const id = newId()
    await tx.insert(lessons).values({
      id,
      classId,
      date: day,
      investigationId,
      plan,
      stage: from.kind === 'question' ? 'wonder' : 'plan',
      conclusion: emptyConclusion,
    })
    return id
  })
}

export async function changeLesson(
  db: Database,
  id: string,
  { finished, ...changes }: { date?: string; stage?: Stage; finished?: boolean },
): Promise<void> {
  await db.transaction(async (tx) => {
    const { lesson, family } = await lockFamily(tx, id)
    if (lesson.removedAt) throw notFound('lesson')
    // The parts of a lesson are tested on its day.
    const parts = changes.date ? family.filter((one) => one.partOf === id) : []
    // Said twice, the first time stands.
    const finishedAt =
      finished === undefined ? lesson.finishedAt : finished ? (lesson.finishedAt ?? new Date()) : null
    const changed = [
      { ...lesson, ...changes, finishedAt },
      ...parts.map((part) => ({ ...part, date: defined(changes.date) })),
    ]
    for (const { id: changedId, ...now } of changed)
      await tx
        .update(lessons)
        .set({ date: now.date, stage: now.stage, finishedAt: now.finishedAt })
        .where(eq(lessons.id, changedId))
    // Once there is something to compare, testing is over.
    if (changes.stage === 'compare' || changes.stage === 'conclude') await saveRoleTurns(tx, lesson)
    await recordEvents(
      tx,
      changed.map(({ id: lessonId, date, stage, finishedAt: at }) => ({
        lessonId,
        event: { kind: 'lesson', date, stage, finishedAt: at?.toISOString() ?? null },
      })),
    )
  })
}

export async function saveConclusion(
  db: Database,
  id: string,
  { save, conclusion, version }: Given<typeof conclusionSchema>,
): Promise<{ conclusionVersion: number }> {
  return db.transaction(async (tx) => {
    const before = await lockLesson(tx, id)
    const done = versionOfSave(before, save)
    if (done !== null) return { conclusionVersion: done }
    rejectStaleVersion('conclusion', version, before.conclusionVersion)
    const conclusionVersion = version + 1
    const saves = withSave(before, save, conclusionVersion)
    await tx.update(lessons).set({ conclusion, conclusionVersion, saves }).where(eq(lessons.id, id))
    await recordEvent(tx, id, { kind: 'conclusion', conclusion, conclusionVersion })
    return { conclusionVersion }
  })
}

/** Takes a lesson off the logbook, or puts it back; nothing of it is deleted. The groups of a part go back to the whole. */
export async function setLessonRemoved(db: Database, id: string, removed: boolean): Promise<void> {
  await db.transaction(async (tx) => {
    const { lesson, family } = await lockFamily(tx, id)
    if (!removed && lesson.partOf && lesson.removedAt) await refuseTakenGroups(tx, lesson)
    await tx
      .update(lessons)
      .set({ removedAt: removed ? new Date() : null })
      .where(eq(lessons.id, id))
    await recordEvents(tx, [
      { lessonId: id, event: { kind: 'removed', removed } },
      ...(lesson.partOf ? lessonPartsEvent(family.filter((one) => one.id !== id)) : []),
    ])
  })
}
