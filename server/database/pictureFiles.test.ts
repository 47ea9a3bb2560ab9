import { mkdtempSync, rmSync, utimesSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { eq } from 'drizzle-orm'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { newId } from '#core/plan'
import { anEmptySchool } from '../testing/emptySchool'
import { openDatabase } from './client'
import type { OpenDatabase } from './database'
import {
  deleteUnusedBytes,
  storeBytes,
  pictureFolder,
  readKept,
  deleteOrphanedPictures,
} from './pictureFiles'
import { pictures } from './schema'

const bytes = new Uint8Array([1, 2, 3])
let opened: OpenDatabase
let folder: string
beforeEach(async () => {
  opened = await openDatabase(await anEmptySchool())
  folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
})
afterEach(async () => {
  await opened.close()
  rmSync(folder, { recursive: true, force: true })
})

/** Keeps a picture; gives back its row. */
const keep = async (content = bytes) => {
  const [row] = await storeBytes(folder, content, (kept) =>
    opened.db
      .insert(pictures)
      .values({ id: newId(), type: 'image/jpeg', ...kept })
      .returning(),
  )
  return row!
}
type Row = Awaited<ReturnType<typeof keep>>

async function remove({ id, hash }: Row) {
  await opened.db.delete(pictures).where(eq(pictures.id, id))
  await deleteUnusedBytes(opened.db, folder, hash)
}

it('the same picture lies there once, and goes with the last that has it', async () => {
  const [one, other] = [await keep(), await keep()]
  expect(one.hash).toBe(other.hash)
  await remove(one)
  expect(await readKept(folder, other)).toEqual(Buffer.from(bytes))
  await remove(other)
  expect(await readKept(folder, other)).toBe(null)
})

it('a picture that is kept anew while its twin is deleted has its file, whichever comes first', async () => {
  let last = await keep()
  for (let round = 0; round < 30; round++) {
    const removing = round % 2 === 0 ? remove(last) : null
    const keeping = keep()
    await (removing ?? remove(last))
    const kept = await keeping
    expect(await readKept(folder, kept)).toEqual(Buffer.from(bytes))
    last = kept
  }
})

it('what no picture needs is swept away once it is old, and nothing else', async () => {
  const needed = await keep()
  const unused = await keep(new Uint8Array([4]))
  const fresh = await keep(new Uint8Array([5]))
  for (const row of [unused, fresh]) await opened.db.delete(pictures).where(eq(pictures.id, row.id))
  const yesterday = new Date(Date.now() - 86_400_000)
  for (const row of [needed, unused]) utimesSync(join(pictureFolder(folder), row.hash!), yesterday, yesterday)
  await deleteOrphanedPictures(opened.db, folder)
  const there = await Promise.all([needed, unused, fresh].map((row) => readKept(folder, row)))
  expect(there.map((one) => one !== null)).toEqual([true, false, true])
})
