import { mkdtempSync, rmSync } from 'node:fs'
import { availableParallelism, tmpdir } from 'node:os'
import { join } from 'node:path'
import { openDatabase } from '../server/database/client'
import { cutPower } from '../server/testing/power/cutPower'
import type { Figure } from './figure'

const cuts = 200
const perDatabase = 10

/** Power cuts at random moments on a disk that forgets whatever was not synced: what was acknowledged and is gone. */
export async function power(): Promise<Figure[]> {
  const root = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  const total = { cuts: 0, opened: 0, acknowledged: 0, lost: 0, hung: 0 }
  const seeds = Array.from({ length: cuts / perDatabase }, (_, index) => index + 1)
  const next = async () => {
    for (let seed = seeds.pop(); seed !== undefined; seed = seeds.pop()) {
      const folder = join(root, String(seed))
      await (await openDatabase({ folder })).close()
      const outcome = await cutPower(folder, perDatabase, seed, 'synced')
      for (const key of ['cuts', 'opened', 'acknowledged', 'hung'] as const) total[key] += outcome[key]
      total.lost += outcome.lost.length
    }
  }
  await Promise.all(Array.from({ length: availableParallelism() }, next))
  rmSync(root, { recursive: true, force: true })
  return [
    {
      name: `acknowledged and lost after ${total.cuts} power cuts`,
      value: total.lost,
      unit: '',
      goal: { most: 0 },
      note: `${total.acknowledged} acknowledged; opened and compared ${total.opened} times, the state after the last cut included`,
    },
    {
      name: `databases that hung after one of ${total.cuts} power cuts`,
      value: total.hung,
      unit: '',
      goal: { most: 0 },
      note: `of ${cuts / perDatabase}`,
    },
  ]
}
