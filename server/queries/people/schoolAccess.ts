import { isNull } from 'drizzle-orm'
import { usualWays } from '#core/plan'
import type { Database } from '../../database/database'
import { classes, school, type SignInMode } from '../../database/schema'
import { ApiError } from '../../errors/apiError'
import { recordAudit } from './audit'
import { addTeacher } from './teachers'
import type { TeacherDto } from '#shared/types/people'

const onlyRow = 1

/** What the school is called and whether its teachers sign in; null until somebody has said so. */
export async function schoolAccess(db: Database): Promise<{ name: string; signIn: SignInMode | null }> {
  const [row] = await db.select({ name: school.name, signIn: school.signIn }).from(school)
  return row ?? { name: '', signIn: null }
}

/** Lets nobody but whoever sits at the school's machine in, without a passphrase. */
export async function serveThisDeviceOnly(db: Database, name: string): Promise<void> {
  await db.transaction(async (tx) => {
    await refuseOnceSignedIn(tx)
    await setAccess(tx, name, 'off')
    await recordAudit(tx, 'At this machine', 'chose to use it on this device only')
  })
}

/** Begins sign-in with the first teacher, who gets everything that there is. */
export async function beginSignIn(
  db: Database,
  name: string,
  first: { name: string; passphrase: string },
): Promise<TeacherDto> {
  return db.transaction(async (tx) => {
    await refuseOnceSignedIn(tx)
    await setAccess(tx, name, 'on')
    const teacher = await addTeacher(tx, { ...first, role: 'admin' })
    await tx.update(classes).set({ ownerId: teacher.id }).where(isNull(classes.ownerId))
    await recordAudit(tx, teacher.name, 'set up sign-in for the school')
    return teacher
  })
}

async function refuseOnceSignedIn(tx: Database): Promise<void> {
  // A row to be locked, so that of two who set it up at once the second finds what the first has said.
  await tx.insert(school).values({ id: onlyRow, ways: usualWays }).onConflictDoNothing()
  const [row] = await tx.select({ signIn: school.signIn }).from(school).for('update')
  if (row?.signIn === 'on')
    throw new ApiError(
      'conflict',
      'Somebody has set up this school already. Sign in, or ask them to add you.',
    )
}

async function setAccess(tx: Database, name: string, signIn: SignInMode): Promise<void> {
  await tx.update(school).set({ name, signIn })
}
