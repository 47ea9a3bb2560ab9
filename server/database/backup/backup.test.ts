import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { asc } from 'drizzle-orm'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { emptySchoolIn } from '../../testing/emptySchool'
import { openDatabase } from '../client'
import type { OpenDatabase } from '../database'
import { lockFolder } from '../embedded/lock'
import { DatabaseMissing, DatabaseUnreadable } from '../problems'
import { storeBytes, pictureFolder } from '../pictureFiles'
import { pictures, supplies } from '../schema'
import { backedPictures, backupFolder, listBackups, newestBackup, type Backup } from './backupFolder'
import { hourlyBackups } from './hourlyBackups'
import { backupsToKeep, keptBackups } from './keepBackups'
import { makeBackup } from './makeBackup'
import { packComplete } from './packComplete'
import { NotRestorable, restoreBackup } from './restoreBackup'

let root: string
let folder: string
beforeEach(async () => {
  root = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  folder = join(root, 'data')
  await emptySchoolIn(folder)
})
afterEach(() => rmSync(root, { recursive: true, force: true }))

type Opened = OpenDatabase & { folder: string }
const open = async (at = folder) => (await openDatabase({ folder: at })) as Opened
const yes = () => Promise.resolve(true)

const supply = (name: string) => ({
  id: newId(),
  name,
  unit: 'piece',
  amount: 1,
  shelf: '',
  packSize: null,
  price: null,
  instead: [],
  care: '',
})
const named = async ({ db }: OpenDatabase) =>
  (
    await db.select({ name: supplies.name }).from(supplies).orderBy(asc(supplies.madeAt), asc(supplies.id))
  ).map((row) => row.name)

describe('a backup', () => {
  it('made while writes go on is one moment of the database, and not before it was begun', async () => {
    const opened = await open()
    let [acknowledged, writing] = [0, true]
    const writer = (async () => {
      while (writing) {
        await opened.db.insert(supplies).values(supply(String(acknowledged + 1)))
        acknowledged++
      }
    })()
    await expect.poll(() => acknowledged).toBeGreaterThan(20)
    const atStart = acknowledged
    const { file } = await makeBackup(opened)
    writing = false
    await writer
    await opened.close()
    expect(acknowledged).toBeGreaterThan(atStart)
    const elsewhere = join(root, 'elsewhere')
    expect(await restoreBackup(elsewhere, file, yes)).toEqual({ before: null })
    const restored = await open(elsewhere)
    const names = await named(restored)
    await restored.close()
    expect(names.length).toBeGreaterThanOrEqual(atStart)
    expect(names).toEqual(names.map((_, index) => String(index + 1)))
  })

  it('keeps each picture once, and brings it back', async () => {
    const opened = await open()
    const bytes = new Uint8Array([0xff, 0xd8, 0xff, 1, 2, 3])
    for (const id of [newId(), newId()])
      await storeBytes(folder, bytes, (kept) =>
        opened.db.insert(pictures).values({ id, type: 'image/jpeg', ...kept }),
      )
    const first = await makeBackup(opened, new Date('2026-03-09T08:00:00Z'))
    const second = await makeBackup(opened, new Date('2026-03-09T09:00:00Z'))
    expect(readdirSync(backedPictures(folder))).toEqual(first.manifest.pictures)
    expect(second.manifest.pictures).toEqual(first.manifest.pictures)
    const complete = join(root, 'complete.tar')
    await packComplete(second, complete)
    await opened.close()
    for (const [index, file] of [second.file, complete].entries()) {
      const elsewhere = join(root, `elsewhere-${index}`)
      await restoreBackup(elsewhere, file, yes)
      expect(readdirSync(pictureFolder(elsewhere))).toEqual(first.manifest.pictures)
    }
  })

  it('that does not open is none: the one before stays', async () => {
    const opened = await open()
    const good = await makeBackup(opened, new Date('2026-03-09T08:00:00Z'))
    // What the copy lacks is found when it is opened.
    const lacking = new Proxy(opened.db, {
      get: (db, name) => (name === '$count' ? () => Promise.resolve(3) : Reflect.get(db, name, db)),
    })
    await expect(makeBackup({ ...opened, db: lacking }, new Date('2026-03-09T09:00:00Z'))).rejects.toThrow(
      /3/,
    )
    await opened.close()
    expect(listBackups(folder)).toEqual([good])
    expect(readdirSync(backupFolder(folder)).sort()).toEqual([
      'jolly-beaker-2026-03-09-08-00-00.json',
      'jolly-beaker-2026-03-09-08-00-00.tar.gz',
      'pictures',
    ])
  })
})

it('a backup whose manifest was damaged is still one, and no picture that it may need is removed', async () => {
  const opened = await open()
  await storeBytes(folder, new Uint8Array([1, 2, 3]), (kept) =>
    opened.db.insert(pictures).values({ id: newId(), type: 'image/jpeg', ...kept }),
  )
  const { file, manifest } = await makeBackup(opened, new Date('2026-03-09T08:00:00Z'))
  writeFileSync(file.replace('.tar.gz', '.json'), '')
  await opened.db.delete(pictures)
  await makeBackup(opened, new Date('2026-03-09T09:00:00Z'))
  await opened.close()
  expect(listBackups(folder).map((one) => one.manifest.made)).toEqual([
    '2026-03-09T08:00:00.000Z',
    '2026-03-09T09:00:00.000Z',
  ])
  expect(readdirSync(backedPictures(folder))).toEqual(manifest.pictures)
})

it('a backup that many ask for at once is made once', async () => {
  const opened = await open()
  const backups = hourlyBackups(opened)!
  const made = await Promise.all(Array.from({ length: 6 }, () => backups.make()))
  backups.stop()
  await opened.close()
  expect(new Set(made.map((one) => one.file)).size).toBe(1)
})

describe('which backups are kept', () => {
  const backup = (made: number, lessons = 3): Backup => ({
    file: `${made}`,
    manifest: { made: new Date(made).toISOString(), lessons, pictures: [] },
  })
  const hour = 3_600_000
  const start = Date.parse('2026-03-09T08:00:00Z')

  it('after a term of one each hour: 24 hours, 14 days and 8 weeks', () => {
    const all = Array.from({ length: 24 * 100 }, (_, index) => backup(start + index * hour))
    const kept = backupsToKeep(all)
    const newest = all.at(-1)!
    const ages = kept.map((one) => (Date.parse(newest.manifest.made) - Date.parse(one.manifest.made)) / hour)
    expect(ages.filter((age) => age < 24)).toHaveLength(24)
    expect(ages.filter((age) => age >= 24 && age < 24 * 14)).toHaveLength(13)
    expect(Math.max(...ages) / 24).toBeGreaterThan(7 * 6)
    expect(Math.max(...ages) / 24).toBeLessThan(7 * 8)
  })

  it('never drops the newest, nor the last one that has lessons', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ at: fc.integer({ min: 0, max: 24 * 400 }), lessons: fc.constantFrom(0, 0, 4) }),
          {
            minLength: 1,
            maxLength: 120,
          },
        ),
        (made) => {
          const all = made.map(({ at, lessons }) => backup(start + at * hour, lessons))
          const kept = backupsToKeep(all)
          const times = all.map((one) => one.manifest.made).sort()
          const withLessons = all.filter((one) => one.manifest.lessons !== 0).map((one) => one.manifest.made)
          expect(kept.map((one) => one.manifest.made)).toContain(times.at(-1))
          if (withLessons.length > 0)
            expect(kept.map((one) => one.manifest.made)).toContain(withLessons.sort().at(-1))
          expect(kept.length).toBeLessThanOrEqual(
            keptBackups.hours + keptBackups.days + keptBackups.weeks + 2,
          )
        },
      ),
    )
  })
})

describe('a data folder that had a database', () => {
  it('does not begin an empty school when that is gone, and says how to go back', async () => {
    const opened = await open()
    const { file } = await makeBackup(opened)
    await opened.close()
    renameSync(join(folder, 'database'), join(root, 'gone'))
    const refusal: unknown = await open().catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(DatabaseMissing)
    expect((refusal as Error).message).toContain(`npm run restore -- ${file}`)
    expect(existsSync(join(folder, 'database'))).toBe(false)
    await restoreBackup(folder, file, yes)
    await (await open()).close()
  })

  it.each<[what: string, lose: (database: string) => void]>([
    ['only its lock is left', (database) => rmSync(database, { recursive: true })],
    [
      'the folder of the database is empty',
      (database) => {
        rmSync(database, { recursive: true })
        mkdirSync(database)
      },
    ],
    ['the database has lost its version', (database) => rmSync(join(database, 'PG_VERSION'))],
  ])('begins no empty school where %s', async (_what, lose) => {
    await (await open()).close()
    lose(join(folder, 'database'))
    const before = readdirSync(folder, { recursive: true }).sort()
    const refusal: unknown = await open().catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(DatabaseMissing)
    expect((refusal as Error).message).toMatch(/was used before.*npm run restore -- FILE.*JOLLY_DATA/)
    expect(readdirSync(folder, { recursive: true }).sort()).toEqual(before)
  })

  it('begins anew where a first start was ended before there was one, or nothing was restored', async () => {
    const fresh = join(root, 'fresh')
    await expect(restoreBackup(fresh, join(root, 'nowhere.tar.gz'), yes)).rejects.toThrow('no file')
    writeFileSync(join(root, 'notes.tar.gz'), 'no backup')
    await expect(restoreBackup(fresh, join(root, 'notes.tar.gz'), yes)).rejects.toThrow(
      'isn’t a complete backup',
    )
    expect(readdirSync(fresh)).toEqual([])
    lockFolder(fresh).release()
    mkdirSync(join(fresh, 'database.making'))
    await (await open(fresh)).close()
    expect(existsSync(join(fresh, 'database', 'PG_VERSION'))).toBe(true)
  })

  it('says so in a sentence when it is broken, and leaves it as it is', async () => {
    const opened = await open()
    const { file } = await makeBackup(opened)
    await opened.close()
    const control = join(folder, 'database', 'global', 'pg_control')
    writeFileSync(control, 'x'.repeat(statSync(control).size))
    const refusal: unknown = await open().catch((error: unknown) => error)
    expect(refusal).toBeInstanceOf(DatabaseUnreadable)
    expect((refusal as Error).message).toContain(`npm run restore -- ${file}`)
    expect((refusal as Error).message).not.toContain('\n')
    expect(newestBackup(folder)!.file).toBe(file)
  })
})

describe('restoring', () => {
  it('over a database is asked twice, and keeps that one', async () => {
    const opened = await open()
    await opened.db.insert(supplies).values(supply('before'))
    const { file } = await makeBackup(opened)
    await opened.db.insert(supplies).values(supply('after'))
    await opened.close()
    const asked: string[] = []
    const answer = (answers: boolean[]) => (question: string) => {
      asked.push(question)
      return Promise.resolve(answers.shift()!)
    }
    expect(await restoreBackup(folder, file, answer([false]))).toBeNull()
    expect(await restoreBackup(folder, file, answer([true, false]))).toBeNull()
    expect(asked).toHaveLength(3)
    const still = await open()
    expect(await named(still)).toEqual(['before', 'after'])
    await still.close()
    const { before } = (await restoreBackup(folder, file, answer([true, true])))!
    expect(asked).toHaveLength(5)
    const restored = await open()
    expect(await named(restored)).toEqual(['before'])
    await restored.close()
    renameSync(before!, join(folder, 'database-again'))
    rmSync(join(folder, 'database'), { recursive: true })
    renameSync(join(folder, 'database-again'), join(folder, 'database'))
    const again = await open()
    expect(await named(again)).toEqual(['before', 'after'])
    await again.close()
  })

  it('refuses what is no backup, and then changes nothing', async () => {
    const opened = await open()
    await opened.close()
    const file = join(root, 'notes.tar.gz')
    writeFileSync(file, 'no backup')
    const before = statSync(join(folder, 'database')).ino
    for (const wrong of [file, join(root, 'nowhere.tar.gz')])
      await expect(restoreBackup(folder, wrong, yes)).rejects.toBeInstanceOf(NotRestorable)
    expect(statSync(join(folder, 'database')).ino).toBe(before)
    expect(readdirSync(folder).sort()).toEqual(['database', 'in-use.lock'])
  })
})
