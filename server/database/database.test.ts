import { mkdirSync, mkdtempSync, renameSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { checkpointWhenDue } from '../running/checkpoints'
import { emptySchoolIn } from '../testing/emptySchool'
import { classInput } from '../testing/examples'
import { createClass, listClasses } from '../queries/classes'
import { databaseSettings, openDatabase } from './client'
import { lockFolder } from './embedded/lock'
import { DataNewer, FolderInUse } from './problems'

let folder: string
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

describe('the data folder', () => {
  it('keeps what was written, and takes its tables up again', async () => {
    const first = await openDatabase({ folder })
    await createClass(first.db, classInput({ name: 'Kept' }))
    await first.close()
    const second = await openDatabase({ folder })
    expect((await listClasses(second.db, undefined)).map((one) => one.name)).toEqual(['Kept'])
    await second.close()
  })

  it('is refused to a second program with words that say what to do', async () => {
    await emptySchoolIn(folder)
    const first = await openDatabase({ folder })
    const refusal: unknown = await openDatabase({ folder }).catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(FolderInUse)
    expect((refusal as Error).message).toMatch(/in use.*JOLLY_DATA/)
    expect(first.isOwned()).toBe(true)
    await first.close()
    expect(first.isOwned()).toBe(false)
  })

  it('of a newer version is refused with both versions, and nothing of it is changed', async () => {
    await emptySchoolIn(folder)
    const newer = await openDatabase({ folder })
    const done = sql.raw('drizzle.__drizzle_migrations')
    const [{ known }] = (await newer.db.execute(
      sql`select count(*)::int as known from ${done}`,
    )) as unknown as [{ known: number }]
    await newer.db.execute(
      sql`insert into ${done} (hash, created_at) values ('later', ${Date.UTC(2100, 0, 1)})`,
    )
    await newer.close()
    const refusal: unknown = await openDatabase({ folder }).catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(DataNewer)
    expect((refusal as Error).message).toContain(
      `data version ${known + 1}, and this program knows up to ${known}`,
    )
    // The folder was let go.
    lockFolder(folder).release()
  })

  it('is no longer owned when it was replaced', async () => {
    await emptySchoolIn(folder)
    const first = await openDatabase({ folder })
    renameSync(folder, `${folder}-moved`)
    expect(first.isOwned()).toBe(false)
    mkdirSync(folder)
    const second = lockFolder(folder)
    expect([first.isOwned(), second.isOwned()]).toEqual([false, true])
    second.release()
    await first.close()
    rmSync(`${folder}-moved`, { recursive: true })
  })
})

it('what was logged is written to the tables once it is enough', async () => {
  await emptySchoolIn(folder)
  const opened = await openDatabase({ folder })
  await opened.db.execute(sql`checkpoint`)
  await createClass(opened.db, classInput({ name: 'Logged' }))
  expect(await checkpointWhenDue(opened)).toBe(false)
  expect(await checkpointWhenDue(opened, 1)).toBe(true)
  expect(await checkpointWhenDue(opened, 1000)).toBe(false)
  await opened.close()
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
