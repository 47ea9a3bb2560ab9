import { and, eq, isNotNull, isNull } from 'drizzle-orm'
import type { Database } from '../../database/database'
import { classes, classShares, sessions, teachers } from '../../database/schema'
import { ApiError, notFound } from '../../errors/apiError'
import { recordAudit } from './audit'
import type { TeacherVisitor } from './sessions'

/**
 * Gives a class to a colleague for good, with its lessons and the names of its children. All shares end with it: who else may see it is for
 * the new teacher to say.
 * @returns the sessions of the teachers, whose open screens must ask again
 * @throws ApiError where it is neither the teacher's own nor somebody's whom an admin looks after
 */
export async function handOverClass(
  db: Database,
  classId: string,
  teacherId: string,
  by: TeacherVisitor,
): Promise<string[]> {
  return db.transaction(async (tx) => {
    const [own] = await tx.select().from(classes).where(eq(classes.id, classId)).for('update')
    if (!own) throw notFound('class')
    if (own.ownerId !== by.id && by.role !== 'admin')
      throw new ApiError('not-allowed', 'Only the teacher whose class it is, or an admin, can hand it over.')
    const [next] = await tx
      .select()
      .from(teachers)
      .where(and(eq(teachers.id, teacherId), isNull(teachers.removedAt)))
    if (!next) throw notFound('teacher')
    await tx.update(classes).set({ ownerId: teacherId }).where(eq(classes.id, classId))
    await tx.delete(classShares).where(eq(classShares.classId, classId))
    await recordAudit(tx, by.name, `handed ${own.name} over to ${next.name}`)
    const signedIn = await tx.select({ id: sessions.id }).from(sessions).where(isNotNull(sessions.teacherId))
    return signedIn.map(({ id }) => id)
  })
}
