import { and, asc, eq, isNull, ne } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { TeacherDto, TeacherRole } from '#shared/types/people'
import type { Database } from '../../database/database'
import { classes, classShares, sessions, teachers } from '../../database/schema'
import { ApiError, notFound } from '../../errors/apiError'
import { recordAudit } from './audit'
import { hashPassphrase, isPassphrase } from './passphrase'

type TeacherRow = typeof teachers.$inferSelect

const toDto = ({ id, name, role }: TeacherRow): TeacherDto => ({ id, name, role })

/**
 * A name without what the eye passes over, so that no two teachers have names that look alike.
 * @example teacherKey(' Ms  Thürn') // 'ms thurn'
 */
export const teacherKey = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[\s.'’-]+/g, ' ')
    .trim()

/** Everybody who may sign in, by name. */
export async function listTeachers(db: Database): Promise<TeacherDto[]> {
  const rows = await db.select().from(teachers).where(isNull(teachers.removedAt)).orderBy(asc(teachers.name))
  return rows.map(toDto)
}

/** Adds somebody who may sign in. */
export async function addTeacher(
  db: Database,
  { name, passphrase, role }: { name: string; passphrase: string; role: TeacherRole },
): Promise<TeacherDto> {
  const nameKey = teacherKey(name)
  const [alike] = await db.select().from(teachers).where(eq(teachers.nameKey, nameKey))
  if (alike)
    throw new ApiError('conflict', `There is a ${alike.name} already. Add an initial to tell them apart.`, [
      { path: 'name', message: 'This name is taken.' },
    ])
  const row = { id: newId(), name, nameKey, passphraseHash: await hashPassphrase(passphrase), role }
  await db.insert(teachers).values(row)
  return { id: row.id, name, role }
}

/** The teacher of this name and passphrase; null where there is none. */
export async function findTeacher(
  db: Database,
  name: string,
  passphrase: string,
): Promise<TeacherDto | null> {
  const [row] = await db
    .select()
    .from(teachers)
    .where(eq(teachers.nameKey, teacherKey(name)))
  return (await isPassphrase(row?.passphraseHash ?? null, passphrase)) && row ? toDto(row) : null
}

/**
 * Gives a teacher another passphrase. Whoever is signed in with the old one has to sign in again, but for one session.
 * @returns the sessions that have ended
 */
export async function changePassphrase(
  db: Database,
  id: string,
  passphrase: string,
  keepSession: string | null = null,
): Promise<string[]> {
  const passphraseHash = await hashPassphrase(passphrase)
  return db.transaction(async (tx) => {
    await lockTeacher(tx, id)
    await tx.update(teachers).set({ passphraseHash }).where(eq(teachers.id, id))
    const own = eq(sessions.teacherId, id)
    const gone = await tx
      .delete(sessions)
      .where(keepSession ? and(own, ne(sessions.id, keepSession)) : own)
      .returning({ id: sessions.id })
    return gone.map((one) => one.id)
  })
}

/** Makes a teacher an admin, or an admin a teacher. */
export async function changeRole(db: Database, id: string, role: TeacherRole, by: string): Promise<void> {
  await db.transaction(async (tx) => {
    const teacher = await lockTeacher(tx, id)
    if (role === 'teacher') await refuseLosingLastAdmin(tx, id)
    await tx.update(teachers).set({ role }).where(eq(teachers.id, id))
    await recordAudit(
      tx,
      by,
      role === 'admin' ? `made ${teacher.name} an admin` : `made ${teacher.name} a teacher`,
    )
  })
}

/** What a teacher is called. */
export async function teacherName(db: Database, id: string): Promise<string> {
  const [row] = await db.select().from(teachers).where(eq(teachers.id, id))
  if (!row) throw notFound('teacher')
  return row.name
}

/**
 * Takes a teacher off the list. Their classes go to whoever does it, so that nothing of them is lost.
 * @returns the sessions that have ended
 */
export async function removeTeacher(
  db: Database,
  id: string,
  by: { id: string | null; name: string },
): Promise<string[]> {
  return db.transaction(async (tx) => {
    const teacher = await lockTeacher(tx, id)
    await refuseLosingLastAdmin(tx, id)
    if (id === by.id) throw new ApiError('conflict', 'You can’t remove yourself. Ask another admin to do it.')
    await tx.update(teachers).set({ removedAt: new Date(), nameKey: null }).where(eq(teachers.id, id))
    const gone = await tx.delete(sessions).where(eq(sessions.teacherId, id)).returning({ id: sessions.id })
    await tx.delete(classShares).where(eq(classShares.teacherId, id))
    await tx.update(classes).set({ ownerId: by.id }).where(eq(classes.ownerId, id))
    await recordAudit(tx, by.name, `removed ${teacher.name} and took over their classes`)
    return gone.map((one) => one.id)
  })
}

async function lockTeacher(tx: Database, id: string): Promise<TeacherRow> {
  // All teachers in one order, so that two who remove each other wait, and the second finds only one left.
  await tx
    .select({ id: teachers.id })
    .from(teachers)
    .where(isNull(teachers.removedAt))
    .orderBy(asc(teachers.id))
    .for('update')
  const [row] = await tx
    .select()
    .from(teachers)
    .where(and(eq(teachers.id, id), isNull(teachers.removedAt)))
  if (!row) throw notFound('teacher')
  return row
}

async function refuseLosingLastAdmin(tx: Database, id: string): Promise<void> {
  const others = await tx
    .select({ id: teachers.id })
    .from(teachers)
    .where(and(eq(teachers.role, 'admin'), isNull(teachers.removedAt), ne(teachers.id, id)))
  if (others.length === 0)
    throw new ApiError('conflict', 'A school needs an admin. Make somebody else an admin first.')
}
