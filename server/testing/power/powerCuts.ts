import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { eq, sql } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { seededRandom, type Random } from '../../../core/random'
import { openDatabase } from '../../database/client'
import type { Database } from '../../database/database'
import { deleteUnusedBytes, storeBytes, readKept } from '../../database/pictureFiles'
import { pictures } from '../../database/schema'
import { orderOfRun, say, type Acknowledged } from './cutOrder'

// The program's own database, with its thread, its socket and the files of its pictures: opened after a power cut, compared with
// everything that was acknowledged, and written to until the power goes again. Each run is a program of its own, as after a real cut:
// one that never ends is one that hangs.
const { folder, seed, cutAtWrite, acknowledged } = orderOfRun()

/** What stands in a row, by its number and how often it was changed: some short, some over several pages. */
function wordsOf(number: number, version: number): string {
  const hash = createHash('sha256').update(`${number}:${version}`).digest('hex')
  return hash.repeat(1 + (parseInt(hash.slice(0, 2), 16) % 60))
}

const hashOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex')

interface Row {
  number: number
  version: number
  words: string
}

async function lostOf(db: Database, rows: readonly Row[], before: Acknowledged): Promise<string[]> {
  const there = new Map(rows.map((row) => [row.number, row]))
  const lost = before.rows.flatMap(([number, version]) => {
    const row = there.get(number)
    if (!row || row.version < version) return [`row ${number} is gone`]
    return row.words === wordsOf(number, row.version) ? [] : [`row ${number} is another`]
  })
  // A row whose picture is gone or half there is as bad, whether or not anybody was told of it.
  const kept = new Map((await db.select().from(pictures)).map((row) => [row.id, row]))
  for (const [id, hash] of before.pictures)
    if (kept.get(id)?.hash !== hash) lost.push(`picture ${id} has no row`)
  for (const [id, row] of kept) {
    const bytes = await readKept(folder, row)
    if (!bytes || hashOf(bytes) !== row.hash) lost.push(`picture ${id} ${bytes ? 'is another' : 'is gone'}`)
  }
  return lost
}

async function writeRows(db: Database, from: number, random: Random): Promise<void> {
  for (let next = from; ; next++) {
    await db.execute(sql`insert into cuts values (${next}, 0, ${wordsOf(next, 0)})`)
    say({ kept: [next, 0] })
    if (random() < 0.05) await db.execute(sql`checkpoint`)
    else if (random() < 0.2) {
      await db.execute(sql`update cuts set version = 1, words = ${wordsOf(next, 1)} where number = ${next}`)
      say({ kept: [next, 1] })
    }
  }
}

async function writePictures(db: Database, random: Random): Promise<void> {
  for (;;) {
    const bytes = Buffer.from(wordsOf(Math.floor(random() * 1e9), 0))
    const id = newId()
    const { hash } = await storeBytes(folder, bytes, async (kept) => {
      await db.insert(pictures).values({ id, type: 'image/png', ...kept })
      return kept
    })
    say({ keptPicture: [id, hash!] })
    if (random() > 0.2) continue
    say({ deletes: id })
    await db.delete(pictures).where(eq(pictures.id, id))
    await deleteUnusedBytes(db, folder, hash)
  }
}

const { db } = await openDatabase({ folder })
await db.execute(sql`create table if not exists cuts (number int primary key, version int, words text)`)
const rows = (await db.execute(sql`select number, version, words from cuts`)) as unknown as Row[]
const before = JSON.parse(readFileSync(acknowledged, 'utf8')) as Acknowledged
say({ opened: true, lost: await lostOf(db, rows, before) })
if (cutAtWrite === null) process.exit(0)
const last = Math.max(0, ...rows.map((row) => row.number))
await Promise.all([
  writeRows(db, last + 1, seededRandom(seed + 1)),
  writePictures(db, seededRandom(seed + 2)),
])
