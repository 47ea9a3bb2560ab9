import { and, asc, eq, inArray, sql, type SQL } from 'drizzle-orm'
import type { Plan } from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { slotKey, type Entry, type Slot } from '#core/record'
import { readWithOf, usesInstrument, wayOf } from '#core/recording'
import type { FieldProblem } from '#shared/schemas'
import type { Database } from '../database/database'
import { entries, lessons } from '../database/schema'
import { isUniqueViolation } from '../database/uniqueViolation'
import { ApiError, notFound } from '../http/apiError'
import { recordEvent, recordEventSince } from '../live/events'
import { lessonsLastRead } from './lessonsLastRead'
import { groupsTakingPart } from './lessonGroups'
import { confirmationStands, refuseUnconfirmed } from './safety'

/** All entries of a lesson in the order of arrival; those that came at once in the order in which they were taken. */
export async function entriesOf(db: Database, lessonId: string): Promise<Entry[]> {
  const rows = await db
    .select()
    .from(entries)
    .where(eq(entries.lessonId, lessonId))
    .orderBy(asc(entries.receivedAt), asc(entries.takenAt), asc(entries.id))
  return rows.map(toEntry)
}

function toEntry({
  lessonId: _lesson,
  receivedAt: _received,
  takenAt,
  ...row
}: typeof entries.$inferSelect): Entry {
  return { ...row, takenAt: takenAt.toISOString() }
}

/**
 * Adds entries, all or none. Those that are known already change nothing, so a repeated send is harmless. Nothing is
 * ever overwritten: a second entry for a slot is kept beside the first, and neither counts until somebody has chosen.
 */
export async function addEntries(db: Database, lessonId: string, given: Entry[]): Promise<Entry[]> {
  return (await addNew(db, lessonId, given)) ?? addBesideKnown(db, lessonId, given)
}

/**
 * Entries that correct nothing and are not known yet, as most are, go in with one statement, which looks whether the lesson is still as
 * it was last read.
 * @returns null where that cannot be: they correct something, are known or refused, or something else has happened in the lesson
 */
async function addNew(db: Database, lessonId: string, given: Entry[]): Promise<Entry[] | null> {
  if (given.some((one) => one.supersedes !== null)) return null
  const lesson = lastRead.of(db, lessonId) ?? (await openLesson(db, lessonId))[0]
  if (!lesson || lesson.removedAt) return null
  lastRead.forget(db, lessonId)
  try {
    const fresh = accepted(given, lesson)
    const event = { kind: 'entries', entries: fresh } as const
    const seq = await recordEventSince(db, lessonId, lesson.seq, event, (next) =>
      db.insert(entries).select(rowsOf(fresh, next)),
    )
    if (seq === null) return null
    lastRead.keep(db, lessonId, { ...lesson, seq })
    return fresh
  } catch (error) {
    // What is refused now may have been kept under an earlier plan; what is there already is no mistake.
    if (error instanceof ApiError || isUniqueViolation(error)) return null
    throw error
  }
}

/** Entries as rows of their table, column by column. */
const rowsOf = (fresh: Entry[], next: SQL) => sql`
  select one."id", next.id, one."groupId", one."levelId", one."tryNumber", one."moment", one."fields", one."note", one."readWith",
    one."status", one."reason", one."source", one."takenAt", now(), one."supersedes"
  from ${next}, jsonb_to_recordset(${JSON.stringify(fresh)}::jsonb) as one("id" uuid, "groupId" uuid, "levelId" text, "tryNumber" int,
    "moment" text, "fields" jsonb, "note" text, "readWith" jsonb, "status" text, "reason" text, "source" text, "takenAt" timestamptz,
    "supersedes" uuid)`

/** Entries with those that they correct, or that are there already. */
async function addBesideKnown(db: Database, lessonId: string, given: Entry[]): Promise<Entry[]> {
  return db.transaction(async (tx) => {
    const [lesson] = await openLesson(tx, lessonId).for('update')
    if (!lesson || lesson.removedAt) throw notFound('lesson')
    const named = new Set(given.flatMap((one) => [one.id, ...(one.supersedes ? [one.supersedes] : [])]))
    const rows = await tx
      .select()
      .from(entries)
      .where(inArray(entries.id, [...named]))
    const known = new Map(rows.map((row) => [row.id, row]))
    const unknown = given.filter((one) => {
      const before = known.get(one.id)
      if (before && (before.lessonId !== lessonId || !sameEntry(toEntry(before), one)))
        throw new ApiError(
          'conflict',
          'Another entry has the same number. Reload the page and type it again.',
          [{ path: 'entries', message: one.id }],
        )
      return !before
    })
    if (unknown.length === 0) return []
    const fresh = accepted(unknown, lesson)
    const lost = misplaced(fresh, lessonId, known)
    if (lost)
      throw new ApiError('conflict', 'What this corrects is in another place. Reload the page.', [
        { path: 'entries', message: lost.id },
      ])
    await tx
      .insert(entries)
      .values(fresh.map((one) => ({ ...one, lessonId, takenAt: new Date(one.takenAt) })))
    await recordEvent(tx, lessonId, { kind: 'entries', entries: fresh })
    return fresh
  })
}

type OpenLesson = Awaited<ReturnType<typeof openLesson>>[number]

/** The lessons that were written to last, as they were read: a class at work sends one entry after another. */
const lastRead = lessonsLastRead<OpenLesson>()

const openLesson = (db: Database, lessonId: string) =>
  db
    .select({
      plan: lessons.plan,
      seq: lessons.seq,
      removedAt: lessons.removedAt,
      groupIds: groupsTakingPart,
      stands: confirmationStands,
    })
    .from(lessons)
    .where(eq(lessons.id, lessonId))

/** New entries as the plan reads them now; what was kept under an older one stays as it was kept. Throws what cannot be kept. */
function accepted(
  given: Entry[],
  { plan, groupIds, stands }: { plan: Plan; groupIds: string[]; stands: boolean | null },
): Entry[] {
  const fresh = understood(given, plan)
  const problems = [...placeProblems(fresh, plan, new Set(groupIds))]
  if (problems.length > 0) throw new ApiError('invalid', problems[0]!.message, problems)
  if (fresh.some((one) => one.status === 'counted')) refuseUnconfirmed(stands)
  return fresh
}

/**
 * The first entry that corrects what lies in another place, or in another lesson. What it corrects may still be on its way from another
 * device; only where it is known, it must be in this place.
 */
function misplaced(
  fresh: Entry[],
  lessonId: string,
  known: ReadonlyMap<string, Slot & { lessonId: string }>,
): Entry | undefined {
  const beside = new Map(fresh.map((one) => [one.id, { ...one, lessonId }]))
  return fresh.find((one) => {
    const target = known.get(one.supersedes ?? '') ?? beside.get(one.supersedes ?? '')
    return target && (target.lessonId !== lessonId || slotKey(target) !== slotKey(one))
  })
}

/** What was read in another kind of unit says nothing here. */
const isOfKind = (one: Entry, plan: Plan) =>
  one.readWith === null ||
  !usesInstrument(plan) ||
  unitDefinition(one.readWith.unit).dimension ===
    unitDefinition(wayOf(plan).at(plan, one.moment).measured.unit).dimension

/** Each entry with the values that its own texts give. */
function understood(sent: Entry[], plan: Plan): Entry[] {
  return sent.map((one, index) => {
    if (!isOfKind(one, plan)) {
      const message = 'This was read in another kind of unit. Reload the page.'
      throw new ApiError('invalid', message, [{ path: `entries.${index}.readWith.unit`, message }])
    }
    const read = wayOf(plan).understand(plan, one)
    // Pages of an earlier version do not say what they read with; it was by the plan that stands.
    const readWith = usesInstrument(plan) ? (one.readWith ?? readWithOf(plan, one.moment)) : null
    if (read.ok) return { ...one, fields: read.fields, readWith }
    throw new ApiError('invalid', read.message, [
      { path: `entries.${index}.fields.${read.field}`, message: read.message },
    ])
  })
}

function* placeProblems(fresh: Entry[], plan: Plan, groupIds: Set<string>): Generator<FieldProblem> {
  const levelIds = new Set(plan.levels.map((level) => level.id))
  // Groups that share levels read what any of them may read.
  const slots = wayOf(plan).slots({ ...plan, whoTests: 'all-levels' }, '', 0)
  const moments = new Set([...slots.map((slot) => slot.moment), ...wayOf(plan).beside(plan)])
  const places = new Set(slots.map(({ levelId, moment }) => `${levelId}|${moment}`))
  const hasLevels = slots.some((slot) => slot.levelId !== null)
  for (const [index, one] of fresh.entries()) {
    if (!groupIds.has(one.groupId))
      yield { path: `entries.${index}.groupId`, message: 'This group is not in the class. Reload the page.' }
    if (one.levelId !== null && !levelIds.has(one.levelId))
      yield {
        path: `entries.${index}.levelId`,
        message: 'This level is no longer in the plan. Reload the page.',
      }
    if (slots.length > 0 && hasLevels !== (one.levelId !== null))
      yield {
        path: `entries.${index}.levelId`,
        message: 'Say which level this was read at. Reload the page.',
      }
    if (slots.length > 0 && !moments.has(one.moment))
      yield { path: `entries.${index}.moment`, message: 'Nothing is read at this moment. Reload the page.' }
    else if (
      levelIds.has(one.levelId ?? '') &&
      !places.has(`${one.levelId}|${one.moment}`) &&
      !wayOf(plan).beside(plan).includes(one.moment)
    )
      yield { path: `entries.${index}.moment`, message: 'Nothing goes in this place. Reload the page.' }
  }
}

/**
 * Whether what was sent is what is kept already. The order of its fields says nothing (the database has its own), and what was worked
 * out of one text, such as the time typed beside a number, is kept as a field that was never sent.
 */
function sameEntry(kept: Entry, sent: Entry): boolean {
  const essence = ({ status, supersedes, fields, ...slot }: Entry) =>
    JSON.stringify([slotKey(slot), status, supersedes, Object.keys(fields).length > 0])
  return (
    essence(kept) === essence(sent) &&
    Object.entries(sent.fields).every(
      ([name, { typed, given }]) => kept.fields[name]?.typed === typed && kept.fields[name].given === given,
    )
  )
}

/** Whether a group has recorded anything in a lesson. */
export async function hasEntries(db: Database, lessonId: string, groupId: string): Promise<boolean> {
  const rows = await db
    .select({ id: entries.id })
    .from(entries)
    .where(and(eq(entries.lessonId, lessonId), eq(entries.groupId, groupId)))
    .limit(1)
  return rows.length > 0
}
