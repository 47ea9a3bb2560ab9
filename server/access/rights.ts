import { useDatabase } from '../database/client'
import { ApiError, notFound } from '../errors/apiError'
import { homeOfLesson, mayUseClass } from '../queries/people/classAccess'
import type { SheetVisitor, TeacherVisitor, Visitor } from '../queries/people/sessions'

/**
 * What somebody needs to use a route:
 * - `anyone`: nothing; signing in and joining, and what tells nothing of the school
 * - `visitor`: to be somebody: a teacher, a joined device, a screen that a link opened
 * - `teacher`, `admin`: to be signed in as one
 * - `class`, `lesson`: to be a teacher who has the class, or the lesson's class, of the path
 * - `kit`: that, or to be the helper of the lesson: what is packed and its clock
 * - `watch`: that, or to be any screen of the lesson: what children may see of it
 * - `record`: to be a teacher who has it, or a device that has joined it; for its own groups only
 */
export type Right =
  'anyone' | 'visitor' | 'teacher' | 'admin' | 'class' | 'lesson' | 'kit' | 'watch' | 'record'

/** Who may do what with a right: nobody need be there for `anyone`. */
export interface VisitorOf {
  anyone: null
  visitor: Visitor
  teacher: TeacherVisitor
  admin: TeacherVisitor
  class: TeacherVisitor
  lesson: TeacherVisitor
  kit: Visitor
  watch: Visitor
  record: TeacherVisitor | SheetVisitor
}

/** The screens of a lesson that each right lets in beside its teachers. */
const screens: Partial<Record<Right, readonly Visitor['kind'][]>> = {
  kit: ['assistant'],
  watch: ['sheet', 'board', 'assistant'],
  record: ['sheet'],
}

/**
 * Refuses whoever has no right to something.
 * @param idInPath the class or the lesson that the path names
 * @throws ApiError
 */
export async function checkRight<R extends Right>(
  right: R,
  visitor: Visitor | null,
  idInPath: (what: 'class' | 'lesson') => string,
): Promise<VisitorOf[R]> {
  if (right === 'anyone') return null as VisitorOf[R]
  if (!visitor) throw new ApiError('sign-in', 'Sign in to see this, or join a lesson with its code.')
  if (right === 'class') await refuseForeignClass(teacherOnly(visitor), idInPath('class'))
  else if (right === 'teacher' || right === 'admin') adminWhere(right, teacherOnly(visitor))
  else if (right !== 'visitor') await refuseForeignLesson(visitor, idInPath('lesson'), screens[right])
  return visitor as VisitorOf[R]
}

function teacherOnly(visitor: Visitor): TeacherVisitor {
  if (visitor.kind === 'teacher') return visitor
  throw new ApiError('not-allowed', 'This screen is in one lesson only. A teacher can sign in to see more.')
}

function adminWhere(right: Right, teacher: TeacherVisitor): void {
  if (right === 'admin' && teacher.role !== 'admin')
    throw new ApiError('not-allowed', 'Only an admin of your school can do this. Ask one of them.')
}

/** Refuses a class that a teacher neither has nor shares. */
export async function refuseForeignClass(teacher: TeacherVisitor, classId: string): Promise<void> {
  // Another's class is not told from one that is not there.
  if (!(await mayUseClass(useDatabase(), teacher, classId))) throw notFound('class')
}

/**
 * Refuses a lesson that somebody has no part in.
 * @param others the screens that may have it beside the teachers of its class
 */
export async function refuseForeignLesson(
  visitor: Visitor,
  lessonId: string,
  others: readonly Visitor['kind'][] = [],
): Promise<void> {
  if (visitor.kind === 'teacher' && visitor.id === null) return
  if (visitor.kind !== 'teacher' && !others.includes(visitor.kind)) teacherOnly(visitor)
  const home = await homeOfLesson(useDatabase(), lessonId)
  if (!home) throw notFound('lesson')
  const isTheirs =
    visitor.kind === 'teacher'
      ? await mayUseClass(useDatabase(), visitor, home.classId)
      : home.wholeId === visitor.lessonId
  if (!isTheirs) throw notFound('lesson')
}

/** Refuses a device that acts for a group that it has not joined as. */
export function refuseOtherGroups(
  visitor: TeacherVisitor | SheetVisitor,
  groupIds: readonly (string | null)[],
): void {
  if (visitor.kind === 'teacher') return
  if (groupIds.every((id) => id !== null && visitor.groupIds.includes(id))) return
  throw new ApiError(
    'not-allowed',
    'This device is in another group. Choose your group again, or ask your teacher.',
  )
}

/** How long after a device has left a group something may still be written there, in ms: a number was being typed. */
const grace = 2 * 60_000

/** Refuses what a device recorded for a group in which it was not at that time. */
export function refuseOtherRecords(
  visitor: TeacherVisitor | SheetVisitor,
  records: readonly { groupId: string | null; at: string }[],
): void {
  if (visitor.kind === 'teacher') return
  const was = ({ groupId, at }: (typeof records)[number]) =>
    visitor.leftGroups.some(
      (left) => left.groupId === groupId && Date.parse(at) <= Date.parse(left.until) + grace,
    )
  const others = records.filter((one) => !was(one))
  refuseOtherGroups(
    visitor,
    others.map(({ groupId }) => groupId),
  )
}
