import { createHash } from 'node:crypto'
import { readFileSync, writeSync } from 'node:fs'
import { seededRandom, type Random } from '../../core/random'
import { startDatabase } from '../database/embedded/databaseFiles'
import { ForgetfulDisk } from './forgetfulDisk'

/** What one run is told; in its environment, since a program that ends in the middle of a write can be asked nothing. */
export interface CutOrder {
  folder: string
  seed: number
  /** At which write the power goes; null for a last look at what is left. */
  cutAtWrite: number | null
  syncs: boolean
  /** The file in which stands what was acknowledged before. */
  acknowledged: string
}

/** What a run says, a line each, as soon as it is so. */
export type CutLine =
  /** The database has opened, and of what was acknowledged this is gone or is another. */
  | { opened: true; lost: string[] }
  /** A row was acknowledged: its number, and how often it was changed. */
  | { kept: [number: number, version: number] }
  | { cut: true }

// Opens a database after a power cut, compares everything that was acknowledged, and goes on writing until the power goes again. Each
// run is a program of its own, as after a real cut: one that never ends is a database that hangs.
const order = JSON.parse(process.env.POWER_CUT!) as CutOrder
const random = seededRandom(order.seed)
const say = (line: CutLine) => writeSync(1, `${JSON.stringify(line)}\n`)

/** What stands in a row, by its number and how often it was changed: some short, some over several pages. */
function wordsOf(number: number, version: number): string {
  const seed = createHash('sha256').update(`${number}:${version}`).digest('hex')
  return seed.repeat(1 + (parseInt(seed.slice(0, 2), 16) % 60))
}

async function work(disk: ForgetfulDisk, write: Random): Promise<void> {
  const database = await startDatabase(disk, order.folder)
  await database.exec('create table if not exists cuts (number int primary key, version int, words text)')
  const { rows } = await database.query<{ number: number; version: number; words: string }>(
    'select number, version, words from cuts',
  )
  const there = new Map(rows.map((row) => [row.number, row]))
  const acknowledged = new Map(JSON.parse(readFileSync(order.acknowledged, 'utf8')) as [number, number][])
  const lost = [...acknowledged].flatMap(([number, version]) => {
    const row = there.get(number)
    if (!row || row.version < version) return [`${number} is gone`]
    return row.words === wordsOf(number, row.version) ? [] : [`${number} is another`]
  })
  say({ opened: true, lost })
  if (order.cutAtWrite === null) process.exit(0)
  for (let next = Math.max(0, ...there.keys()) + 1; ; next++) {
    await database.query('insert into cuts values ($1, 0, $2)', [next, wordsOf(next, 0)])
    say({ kept: [next, 0] })
    if (write() < 0.05) await database.exec('checkpoint')
    else if (write() < 0.2) {
      await database.query('update cuts set version = 1, words = $2 where number = $1', [
        next,
        wordsOf(next, 1),
      ])
      say({ kept: [next, 1] })
    }
  }
}

const disk = new ForgetfulDisk(order.folder, order.cutAtWrite ?? Infinity, order.syncs, () => {
  disk.forget(random)
  say({ cut: true })
  process.exit(0)
})
await work(disk, seededRandom(order.seed + 1))
