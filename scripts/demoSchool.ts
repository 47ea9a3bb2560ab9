import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { databaseSettings, openDatabase, setDatabase } from '../server/database/client'
import { lockFile, lockFolder } from '../server/database/embedded/lock'
import { startupProblem } from '../server/running/startupProblem'
import { firstTeacher, schoolName, secondTeacher } from '../demo/teachers'
import type { Database } from '../server/database/database'
import { listLessons } from '../server/queries/lessons'
import { openJoining } from '../server/queries/people/joining'
import { beginSignIn, schoolAccess } from '../server/queries/people/schoolAccess'
import { addTeacher } from '../server/queries/people/teachers'
import { seedDemo } from './seedDemo'

/** Makes the demo school in a folder that has none yet, or anew; ends the program with a word why where that cannot be. */
export async function makeDemoSchool(folder: string, fresh: boolean): Promise<void> {
  process.env.JOLLY_DATA ??= folder
  const settings = databaseSettings()
  if (settings.url) {
    console.error('The demo keeps its data in a folder. Unset DATABASE_URL to start it.')
    process.exit(1)
  }
  try {
    if (fresh) forget(settings.folder)
    const opened = await openDatabase(settings)
    setDatabase(opened)
    const seeded = await seedDemo(opened.db, new Date())
    await setUpSignIn(opened.db)
    await opened.close()
    console.log(
      seeded
        ? 'The demo school is ready.'
        : 'Going on with the demo school as it was left. (Add -- --fresh to start again.)',
    )
  } catch (error) {
    console.error(startupProblem(error, settings))
    process.exit(1)
  }
}

/** Teachers sign in to the demo, and one lesson can be joined. */
async function setUpSignIn(db: Database): Promise<void> {
  if ((await schoolAccess(db)).signIn === null) {
    await beginSignIn(db, schoolName, firstTeacher)
    await addTeacher(db, { ...secondTeacher, role: 'teacher' })
  }
  const lesson = (await listLessons(db, undefined)).find((one) => one.stage === 'test')
  if (lesson) await openJoining(db, lesson.id)
  // What the sign-in page shows, in the program that is started next.
  process.env.JOLLY_DEMO = `${firstTeacher.name}/${firstTeacher.passphrase}`
}

/** Removes the demo's database, but not under the feet of a running demo. */
function forget(folder: string): void {
  if (!existsSync(folder)) return
  const lock = lockFolder(folder)
  for (const part of ['database', 'pictures', 'backups'])
    rmSync(join(folder, part), { recursive: true, force: true })
  lock.release()
  // A folder with a lock and no database looks like one whose data were lost.
  rmSync(lockFile(folder), { force: true })
}
