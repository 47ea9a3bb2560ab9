import { randomBytes } from 'node:crypto'
import { rmSync } from 'node:fs'
import { eq, sql } from 'drizzle-orm'
import { newId } from '../core/plan'
import { makeBackup } from '../server/database/backup/makeBackup'
import { openDatabase, setDatabase } from '../server/database/client'
import type { OpenDatabase } from '../server/database/database'
import { storeBytes } from '../server/database/pictureFiles'
import { entries, lessons, pictures, supplies } from '../server/database/schema'
import { makeDataFolder } from '../scripts/makeDataFolder'
import type { Figure } from './figure'

const readings = 300_000
const photos = { count: 250, bytes: 1_000_000 }

/** How long a backup of a school of years holds up somebody who saves, and what the next backup adds to the disk. */
export async function backup(): Promise<Figure[]> {
  const folder = await makeDataFolder('demo')
  const opened = (await openDatabase({ folder })) as OpenDatabase & { folder: string }
  setDatabase(opened)
  await fill(opened)
  // As the program does every minute: nobody reads so much in one.
  await opened.db.execute(sql`checkpoint`)
  const quiet = await slowestSave(opened, new Promise((done) => setTimeout(done, 5000)))
  const start = performance.now()
  const first = makeBackup(opened, new Date('2026-03-09T08:00:00Z'))
  const held = await slowestSave(opened, first)
  const took = performance.now() - start
  const { manifest } = await makeBackup(opened, new Date('2026-03-09T09:00:00Z'))
  await opened.close()
  setDatabase(null)
  rmSync(folder, { recursive: true, force: true })
  return [
    {
      name: `the longest that a save waits while ${readings} readings and ${photos.count} MB of photos are backed up`,
      value: held,
      unit: 'ms',
      goal: { most: 250 },
      note: `without a backup ${quiet.toFixed(1)} ms; the backup took ${(took / 1000).toFixed(1)} s; ${manifest.pictures.length} photos, each kept once`,
    },
  ]
}

/** The slowest of the saves, one after another, until something is done. */
async function slowestSave({ db }: OpenDatabase, until: Promise<unknown>): Promise<number> {
  const id = newId()
  await db.insert(supplies).values({
    ...{ id, name: 'card', unit: 'sheet', amount: 0, shelf: '', care: '' },
    ...{ packSize: null, price: null, instead: [] },
  })
  let [slowest, done, amount] = [0, false, 0]
  const ended = until.then(() => (done = true))
  while (!done) {
    const start = performance.now()
    await db.update(supplies).set({ amount: ++amount }).where(eq(supplies.id, id))
    slowest = Math.max(slowest, performance.now() - start)
    await new Promise((next) => setTimeout(next, 5))
  }
  await ended
  await db.delete(supplies).where(eq(supplies.id, id))
  return slowest
}

async function fill({ db, folder }: OpenDatabase & { folder: string }): Promise<void> {
  const [lesson] = await db.select({ id: lessons.id, classId: lessons.classId }).from(lessons).limit(1)
  await db.execute(sql`
    insert into ${entries} (id, lesson_id, group_id, level_id, try_number, moment, fields, note, read_with, status, reason, source, taken_at)
    select gen_random_uuid(), ${lesson!.id}, (select id from groups where class_id = ${lesson!.classId} limit 1), 'h25', 1, '',
      jsonb_build_object('value', jsonb_build_object('typed', n::text, 'given', 'typed', 'value', n)), '',
      '{"instrument":"metre stick","unit":"cm","mark":1}', 'counted', '', 'sheet', now()
    from generate_series(1, ${readings}) as n`)
  for (let count = 0; count < photos.count; count++)
    await storeBytes(folder, randomBytes(photos.bytes), (kept) =>
      db.insert(pictures).values({ id: newId(), type: 'image/jpeg', ...kept }),
    )
}
