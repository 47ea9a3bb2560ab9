import { createInterface } from 'node:readline/promises'
import { newTeacherSchema, validate } from '../shared/schemas'
import { databaseSettings, openDatabase, setDatabase } from '../server/database/client'
import { recordAudit } from '../server/queries/people/audit'
import { beginSignIn, schoolAccess } from '../server/queries/people/schoolAccess'
import {
  addTeacher,
  changePassphrase,
  changeRole,
  listTeachers,
  teacherKey,
} from '../server/queries/people/teachers'
import { startupProblem } from '../server/running/startupProblem'

// Gives a teacher of this name a new passphrase and makes them an admin, or makes the first: `npm run passphrase -- "Ms Thorne"`. For whoever
// looks after the machine, when nobody can sign in. The server has to be stopped meanwhile.
const name = process.argv.slice(2).join(' ').trim()
if (!name) {
  console.error('Say whose: npm run passphrase -- "Ms Thorne"')
  process.exit(1)
}
const terminal = createInterface({ input: process.stdin, output: process.stdout })
const passphrase = await terminal.question('A new passphrase, three or four words: ')
terminal.close()
const checked = validate(newTeacherSchema, { name, passphrase, role: 'admin' })
if (!checked.ok) {
  console.error(checked.fields.map((field) => field.message).join('\n'))
  process.exit(1)
}
const settings = databaseSettings()
try {
  const opened = await openDatabase(settings)
  setDatabase(opened)
  const { db } = opened
  const { signIn, name: school } = await schoolAccess(db)
  if (signIn !== 'on') await beginSignIn(db, school || 'Our school', checked.value)
  else {
    const before = (await listTeachers(db)).find((one) => teacherKey(one.name) === teacherKey(name))
    if (before) {
      await changePassphrase(db, before.id, passphrase)
      await changeRole(db, before.id, 'admin', 'At this machine')
    } else await addTeacher(db, checked.value)
    await recordAudit(db, 'At this machine', `gave ${name} a new passphrase`)
  }
  await opened.close()
  console.log(`${name} can sign in with it now.`)
} catch (error) {
  console.error(startupProblem(error, settings))
  process.exitCode = 1
}
