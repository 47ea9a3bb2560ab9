import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openDatabase, setDatabase } from '../server/database/client'
import { serveThisDeviceOnly } from '../server/queries/people/schoolAccess'
import { seedDemo } from './seedDemo'

/** A new data folder with a school in it that is empty or the demo's. */
export async function makeDataFolder(school: 'empty' | 'demo'): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  const opened = await openDatabase({ folder })
  setDatabase(opened)
  await serveThisDeviceOnly(opened.db, 'Tidewick School')
  if (school === 'demo') await seedDemo(opened.db, new Date())
  await opened.close()
  return folder
}
