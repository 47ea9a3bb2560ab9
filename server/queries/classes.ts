import { childrenByGroup } from '#core/class'
import { defined } from '#core/defined'
import { and, asc, eq, inArray, isNull, notInArray } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { ClassDto, ClassInput, LessonClassDto } from '#shared/types/api'
import type { Database } from '../database/database'
import {
  classes,
  entries,
  groups,
  lessons,
  observations,
  predictions,
  pupils,
  reviews,
} from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { recordEvent } from '../live/events'
import { groupsOf } from './lessonGroups'
import { lockLessons } from './lessonRow'
import type { ClassScope } from './people/classAccess'

/** The classes that somebody may see, by name. */
export async function listClasses(db: Database, scope: ClassScope): Promise<ClassDto[]> {
  const rows = await db
    .select()
    .from(classes)
    .where(and(isNull(classes.removedAt), scope))
    .orderBy(asc(classes.name), asc(classes.id))
  return withMembers(db, rows)
}

/** One class; a removed one is found only when asked for, as old lessons still show it. */
export async function getClass(db: Database, id: string, removedToo = false): Promise<ClassDto> {
  const rows = await db
    .select()
    .from(classes)
    .where(removedToo ? eq(classes.id, id) : and(eq(classes.id, id), isNull(classes.removedAt)))
  const [found] = await withMembers(db, rows)
  if (!found) throw notFound('class')
  return found
}

/** Classes by id, removed ones too, as old lessons still show them. */
export async function listClassesById(db: Database, ids: string[]): Promise<Map<string, ClassDto>> {
  if (ids.length === 0) return new Map()
  const found = await withMembers(db, await db.select().from(classes).where(inArray(classes.id, ids)))
  return new Map(found.map((one) => [one.id, one]))
}

/** A class for the faces of a lesson: the groups that take part, with a count in place of names. */
export function withoutNames(
  { pupils: all, groups: allGroups, allergies: _allergies, ...rest }: ClassDto,
  part?: ReadonlySet<string>,
): LessonClassDto {
  const own = allGroups.filter((group) => !part || part.has(group.id))
  const whole = own.length === allGroups.length
  const children = all.filter((pupil) => whole || (pupil.groupId !== null && part?.has(pupil.groupId)))
  const byGroup = childrenByGroup(
    own.map((group) => group.id),
    children,
  )
  return { ...rest, groups: own, children: children.length, byGroup }
}

/** Makes a class of a teacher; of nobody's where nobody signs in. */
export async function createClass(
  db: Database,
  input: ClassInput,
  ownerId: string | null = null,
): Promise<ClassDto> {
  const id = newId()
  await db.transaction(async (tx) => {
    await tx.insert(classes).values({ id, ownerId, ...ownFields(input) })
    await writeMembers(tx, id, input)
  })
  return getClass(db, id)
}

/** Replaces a class's name, groups and pupils. A group that has already recorded something stays. */
export async function updateClass(db: Database, id: string, input: ClassInput): Promise<ClassDto> {
  await getClass(db, id)
  await db.transaction(async (tx) => {
    // Lessons first, as everybody does: whoever writes an entry holds its lesson while it looks at the group.
    const open = await lockLessons(tx, defined(and(eq(lessons.classId, id), isNull(lessons.removedAt))))
    await refuseLosingGroups(tx, id, input)
    await tx.update(classes).set(ownFields(input)).where(eq(classes.id, id))
    await tx.delete(pupils).where(eq(pupils.classId, id))
    await tx.delete(groups).where(
      and(
        eq(groups.classId, id),
        notInArray(
          groups.id,
          input.groups.map((group) => group.id),
        ),
      ),
    )
    await writeMembers(tx, id, input)
    const changed = await getClass(tx, id)
    for (const lesson of open)
      await recordEvent(tx, lesson.id, {
        kind: 'class',
        class: withoutNames(changed, await groupsOf(tx, lesson)),
      })
  })
  return getClass(db, id)
}

/** Takes a class off the list, or puts it back; nothing of it is deleted. */
export async function setClassRemoved(db: Database, id: string, removed: boolean): Promise<void> {
  const changed = await db
    .update(classes)
    .set({ removedAt: removed ? new Date() : null })
    .where(eq(classes.id, id))
    .returning({ id: classes.id })
  if (changed.length === 0) throw notFound('class')
}

const ownFields = ({ name, ageBand, vocabulary, allergies }: ClassInput) => ({
  name,
  ageBand,
  vocabulary,
  allergies,
})

async function refuseLosingGroups(tx: Database, classId: string, input: ClassInput): Promise<void> {
  const kept = new Set(input.groups.map((group) => group.id))
  const before = await tx.select().from(groups).where(eq(groups.classId, classId))
  const leaving = before.filter((group) => !kept.has(group.id))
  if (leaving.length === 0) return
  const ids = leaving.map((group) => group.id)
  const busy = [
    ...(await tx.select({ id: entries.groupId }).from(entries).where(inArray(entries.groupId, ids)).limit(1)),
    ...(await tx
      .select({ id: predictions.groupId })
      .from(predictions)
      .where(inArray(predictions.groupId, ids))
      .limit(1)),
    ...(await tx
      .select({ id: observations.groupId })
      .from(observations)
      .where(inArray(observations.groupId, ids))
      .limit(1)),
    ...(await tx
      .select({ id: reviews.byGroupId })
      .from(reviews)
      .where(inArray(reviews.byGroupId, ids))
      .limit(1)),
    ...(await tx
      .select({ id: reviews.ofGroupId })
      .from(reviews)
      .where(inArray(reviews.ofGroupId, ids))
      .limit(1)),
  ][0]
  const name = leaving.find((group) => group.id === busy?.id)?.name
  if (name)
    throw new ApiError(
      'conflict',
      `${name} has already predicted, tested or noticed something. Keep the group, or make a new class.`,
      [{ path: 'groups', message: `${name} has recorded something.` }],
    )
}

async function writeMembers(tx: Database, classId: string, input: ClassInput): Promise<void> {
  const existing = new Map(
    (
      await tx
        .select()
        .from(groups)
        .where(
          inArray(
            groups.id,
            input.groups.map((group) => group.id),
          ),
        )
    ).map((group) => [group.id, group]),
  )
  for (const [place, { id, name, emblem }] of input.groups.entries()) {
    const before = existing.get(id)
    if (before && before.classId !== classId)
      throw new ApiError('conflict', 'One of these groups belongs to another class.', [
        { path: `groups.${place}.id`, message: 'belongs to another class' },
      ])
    if (before) await tx.update(groups).set({ name, emblem, place }).where(eq(groups.id, id))
    else await tx.insert(groups).values({ id, classId, name, emblem, place })
  }
  const known = new Set(input.groups.map((group) => group.id))
  const lost = input.pupils.findIndex((pupil) => pupil.groupId !== null && !known.has(pupil.groupId))
  if (lost >= 0)
    throw new ApiError('invalid', 'A child is in a group that is not in this class.', [
      { path: `pupils.${lost}.groupId`, message: 'Choose a group of this class.' },
    ])
  if (input.pupils.length > 0)
    await tx.insert(pupils).values(input.pupils.map((pupil, place) => ({ ...pupil, classId, place })))
}

async function withMembers(db: Database, rows: (typeof classes.$inferSelect)[]): Promise<ClassDto[]> {
  if (rows.length === 0) return []
  const ids = rows.map((row) => row.id)
  const allGroups = await db
    .select()
    .from(groups)
    .where(inArray(groups.classId, ids))
    .orderBy(asc(groups.place))
  const allPupils = await db
    .select()
    .from(pupils)
    .where(inArray(pupils.classId, ids))
    .orderBy(asc(pupils.place))
  return rows.map(({ id, name, ageBand, vocabulary, allergies }) => ({
    id,
    allergies,
    name,
    ageBand,
    vocabulary,
    groups: allGroups
      .filter((group) => group.classId === id)
      .map(({ id: groupId, name: groupName, emblem }) => ({ id: groupId, name: groupName, emblem })),
    pupils: allPupils
      .filter((pupil) => pupil.classId === id)
      .map(({ id: pupilId, name: pupilName, groupId }) => ({ id: pupilId, name: pupilName, groupId })),
  }))
}
