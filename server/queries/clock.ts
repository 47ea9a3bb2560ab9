import { firstOf } from '#core/defined'
import { eq } from 'drizzle-orm'
import type { Plan } from '#core/plan'
import { standingOf } from '#core/entries'
import { clockAfter, lateReadings, type ClassClock, type FitsContext, type ClockAct } from '#core/timetable'
import type { clockActSchema, Given } from '#shared/schemas'
import type { ClockDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { lessons } from '../database/schema'
import { notFound } from '../errors/apiError'
import { recordEvents } from '../live/events'
import { getClass } from './classes'
import { entriesOf } from './entries'
import { groupsOf } from './lessonGroups'
import { findLesson, lockFamily, type LessonRow } from './lessonRow'
import { saveRoleTurns } from './roles'
import { stepsInThread } from '../threads/inThread'
import { getSchool } from './school'

type Pressed = Given<typeof clockActSchema>

/** The clock that a lesson goes by: its own, or that of its whole. */
export async function clockOf(db: Database, lesson: LessonRow): Promise<ClockDto> {
  if (!lesson.partOf) return { clock: lesson.clock, clockVersion: lesson.clockVersion }
  const [whole] = await db
    .select({ clock: lessons.clock, clockVersion: lessons.clockVersion })
    .from(lessons)
    .where(eq(lessons.id, lesson.partOf))
  return whole ?? { clock: null, clockVersion: 0 }
}

/** From the press until all stopwatches start, in ms: time for three, two, one on every screen. */
const countdown = 4000

/**
 * Presses something on the clock of a class. A lesson and its parts have one clock. Of two who press at once the first does, and the
 * other is told how the clock goes now.
 * @param now by the clock of the school, in ms since 1970
 */
export async function pressClock(
  db: Database,
  id: string,
  { act, version }: Pressed,
  now: number,
): Promise<ClockDto & { done: boolean }> {
  // Worked out before anything is locked: the largest plans take seconds.
  if (act.kind === 'start') await stepsOf(db, await wholeOf(db, id))
  return db.transaction(async (tx) => {
    const { lesson, whole, family } = await lockFamily(tx, id)
    if (lesson.removedAt) throw notFound('lesson')
    const before = { clock: whole.clock, clockVersion: whole.clockVersion }
    if (version !== whole.clockVersion) return { ...before, done: false }
    const next = clockAfter(whole.clock, await actOf(tx, whole, act, now), now)
    if (next === whole.clock || next === null) return { ...before, done: next !== null }
    const clock = await withLateness(tx, family, next)
    const clockVersion = version + 1
    await tx.update(lessons).set({ clock, clockVersion }).where(eq(lessons.id, whole.id))
    if (clock.ended) for (const one of family) await saveRoleTurns(tx, one)
    await recordEvents(
      tx,
      family.map((one) => ({ lessonId: one.id, event: { kind: 'clock', clock, clockVersion } })),
    )
    return { clock, clockVersion, done: true }
  })
}

async function actOf(tx: Database, lesson: LessonRow, act: Pressed['act'], now: number): Promise<ClockAct> {
  if (act.kind === 'race') return { kind: 'race', at: now + countdown }
  return act.kind === 'start' ? { kind: 'start', steps: await stepsOf(tx, lesson) } : act
}

/** The steps of the plan as it stands. */
async function stepsOf(tx: Database, lesson: LessonRow): Promise<ClassClock['steps']> {
  const { ageBand } = await getClass(tx, lesson.classId, true)
  const { ways, cupboard } = await getSchool(tx)
  const { lessonMinutes } = ways
  const groups = (await groupsOf(tx, lesson)).size
  return workedOut(lesson.plan, { age: ageBand, groups, lessonMinutes, cupboard })
}

/** The lesson whose clock it is. */
async function wholeOf(db: Database, id: string): Promise<LessonRow> {
  const lesson = await findLesson(db, id)
  if (!lesson.partOf) return lesson
  // One that was taken off the logbook still has the clock of its parts.
  const [whole] = await db.select().from(lessons).where(eq(lessons.id, lesson.partOf))
  return whole ?? lesson
}

/** The steps of the last few plans that were started, by all that they hang on. */
const known = new Map<string, Promise<ClassClock['steps']>>()
const mostKnown = 20

/** Who presses at once with others waits for the same answer; what is the same as before is not worked out again. */
function workedOut(plan: Plan, context: FitsContext): Promise<ClassClock['steps']> {
  const key = JSON.stringify([plan, context])
  const before = known.get(key)
  if (before) return before
  const steps = stepsInThread(plan, context)
  known.set(key, steps)
  steps.catch(() => known.delete(key))
  if (known.size > mostKnown) known.delete(firstOf([...known.keys()]))
  return steps
}

/** Once a lesson has ended, how many of its readings were late is kept with its clock. */
async function withLateness(
  tx: Database,
  family: readonly LessonRow[],
  clock: ClassClock,
): Promise<ClassClock> {
  if (!clock.ended || clock.ended.how === 'later') return clock
  const late = await Promise.all(
    family.map(async ({ id, plan }) => lateReadings(plan, standingOf(await entriesOf(tx, id)).counted)),
  )
  const all = late.reduce((a, b) => ({ readings: a.readings + b.readings, most: Math.max(a.most, b.most) }))
  return { ...clock, late: all }
}
