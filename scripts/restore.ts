import { createInterface } from 'node:readline'
import { databaseSettings } from '../server/database/client'
import { listBackups } from '../server/database/backup/backupFolder'
import { restoreBackup } from '../server/database/backup/restoreBackup'
import { startupProblem } from '../server/running/startupProblem'

// Puts a backup in the place of the database; without a file it lists those that there are.
const settings = databaseSettings()
const [file] = process.argv.slice(2)
if (settings.url) {
  console.error('With DATABASE_URL backups are the business of that server. Unset it to restore a folder.')
  process.exit(1)
}
if (!file) {
  for (const { file, manifest } of listBackups(settings.folder))
    console.log(`${file}  made ${manifest.made}, ${manifest.lessons ?? 'unknown'} lessons`)
  console.error('Say which one: npm run restore -- FILE')
  process.exit(1)
}
const terminal = createInterface({ input: process.stdin })
const lines = terminal[Symbol.asyncIterator]()

/** Whoever says nothing more has not said yes. */
async function confirm(question: string): Promise<boolean> {
  process.stdout.write(`${question} (yes or no) `)
  const { value, done } = await lines.next()
  return !done && /^y(es)?$/i.test(value.trim())
}

try {
  const restored = await restoreBackup(settings.folder, file, confirm)
  if (!restored) console.log('\nNothing was changed.')
  else {
    console.log(`\nThe backup is in its place. Start Jolly Beaker again.`)
    if (restored.before) console.log(`The database that was there before is kept in ${restored.before}.`)
  }
} catch (error) {
  console.error(
    error instanceof Error && error.name === 'NotRestorable'
      ? error.message
      : startupProblem(error, settings),
  )
  process.exitCode = 1
} finally {
  terminal.close()
}
