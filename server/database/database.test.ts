import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { classInput } from '../testing/examples'
import { createClass, listClasses } from '../queries/classes'
import { writeBackup } from './backup'
import { databaseSettings, openDatabase } from './client'
import { FolderInUse } from './lock'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

describe('the data folder', () => {
  it('keeps what was written, and takes its tables up again', async () => {
    const first = await openDatabase({ folder })
    await createClass(first.db, classInput({ name: 'Kept' }))
    await first.close()
    const second = await openDatabase({ folder })
    expect((await listClasses(second.db)).map((one) => one.name)).toEqual(['Kept'])
    await second.close()
  })

  it('is refused to a second program with words that say what to do', async () => {
    const first = await openDatabase({ folder })
    const refusal: unknown = await openDatabase({ folder }).catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(FolderInUse)
    expect((refusal as Error).message).toMatch(/in use.*JOLLY_DATA/)
    await first.close()
  }, 40_000)
})

describe('databaseSettings', () => {
  it('takes the folder from one variable, and a server when there is one', () => {
    expect(databaseSettings({})).toEqual({ url: undefined, folder: 'data' })
    expect(databaseSettings({ JOLLY_DATA: '/srv/class', DATABASE_URL: 'postgres://here/db' })).toEqual({
      url: 'postgres://here/db',
      folder: '/srv/class',
    })
  })
})

describe('backups', () => {
  it('are whole copies of which the newest fourteen are kept', async () => {
    const database = await openDatabase({ folder })
    const backups = join(folder, 'backups')
    await writeBackup(database.copy!, backups, new Date('2026-03-01T08:00:00Z'))
    for (let day = 2; day <= 20; day++)
      writeFileSync(
        join(backups, `jolly-beaker-2026-03-${String(day).padStart(2, '0')}-08-00-00.tar.gz`),
        'x',
      )
    const newest = await writeBackup(database.copy!, backups, new Date('2026-03-21T08:00:00Z'))
    await database.close()
    const kept = readdirSync(backups).sort()
    expect(kept).toHaveLength(14)
    expect(kept[0]).toContain('2026-03-08')
    expect(newest).toContain(kept.at(-1)!)
  })
})
