import { seededRandom } from '#core/random'
import { startDatabase } from '../database/embedded/databaseFiles'
import { ForgetfulDisk } from './forgetfulDisk'

// Lets the power go again and again while something is saved. After each round it prints how often the power has gone and what was
// acknowledged and is gone. A program of its own, because a database whose power went keeps its memory, and now and then spins.
const [folder, seed, cuts, syncs] = process.argv.slice(2) as [string, string, string, string]
const random = seededRandom(Number(seed))
const acknowledged: number[] = []
const outcome = { cuts: 0, opened: 0, acknowledged: 0, lost: [] as number[] }
let next = 1

async function work(disk: ForgetfulDisk): Promise<void> {
  const database = await startDatabase(disk, folder)
  await database.exec('create table if not exists cuts (number int primary key, words text)')
  const { rows } = await database.query<{ number: number }>('select number from cuts')
  const there = new Set(rows.map((row) => row.number))
  outcome.opened++
  outcome.lost = acknowledged.filter((number) => !there.has(number))
  next = Math.max(next, ...there) + 1
  while (!disk.isCut) {
    const number = next++
    await database.query('insert into cuts values ($1, $2)', [number, 'W'.repeat(random() * 3000)])
    if (disk.isCut) break
    acknowledged.push(number)
    if (random() < 0.05) await database.exec('checkpoint')
    else if (random() < 0.05)
      await database.exec('update cuts set words = words || words where length(words) < 200')
  }
}

while (outcome.cuts < Number(cuts)) {
  // A few come while the database is still putting itself right after the last one.
  const disk = new ForgetfulDisk(folder, 1 + Math.floor(random() * 300), syncs === 'synced')
  const before = outcome.opened
  const working = work(disk)
  working.catch((error: unknown) => {
    // What it was doing when the power went comes to nothing.
    if (!disk.isCut) throw error
  })
  await disk.gone
  disk.forget(random)
  outcome.cuts++
  outcome.acknowledged = acknowledged.length
  process.stdout.write(`${JSON.stringify(outcome)}\n`)
  if (outcome.opened > before && outcome.lost.length > 0) break
}
process.exit(0)
