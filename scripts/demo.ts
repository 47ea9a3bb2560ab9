import { existsSync, rmSync } from 'node:fs'
import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { databaseSettings, openDatabase, provideDatabase } from '../server/database/client'
import { lockFolder } from '../server/database/embedded/lock'
import { sayWhy } from '../server/running/sayWhy'
import { buildWhenNeeded } from './build'
import { seedDemo } from './seedDemo'

// Starts the application with the demo school; `--fresh` begins it anew.
process.env.JOLLY_DATA ??= 'data/demo'
const settings = databaseSettings()
if (settings.url) {
  console.error('The demo keeps its data in a folder. Unset DATABASE_URL to start it.')
  process.exit(1)
}
buildWhenNeeded()
const fresh = process.argv.includes('--fresh')
try {
  if (fresh) forget(settings.folder)
  const opened = await openDatabase(settings)
  provideDatabase(opened)
  const seeded = await seedDemo(opened.db, new Date())
  await opened.close()
  console.log(
    seeded
      ? 'The demo school is ready.'
      : 'Going on with the demo school as it was left. (npm run demo -- --fresh begins it anew.)',
  )
} catch (error) {
  console.error(sayWhy(error, settings))
  process.exit(1)
}
console.log(`Open http://127.0.0.1:${process.env.JOLLY_PORT || 3000}`)
const server = spawn(process.execPath, ['.output/server/index.mjs'], { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))

/** Removes the demo's database, but not under the feet of a running demo. */
function forget(folder: string): void {
  if (!existsSync(folder)) return
  const lock = lockFolder(folder)
  for (const part of ['database', 'pictures', 'backups'])
    rmSync(join(folder, part), { recursive: true, force: true })
  lock.release()
}
