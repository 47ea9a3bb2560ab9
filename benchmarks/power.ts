import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openDatabase } from '../server/database/client'
import { letThePowerGo } from '../server/testing/letThePowerGo'
import type { Figure } from './figure'

const cuts = 200
const perDatabase = 10

/** Power cuts at random moments on a disk that forgets whatever was not synced: what was acknowledged and is gone. */
export async function power(): Promise<Figure[]> {
  const root = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  const total = { cuts: 0, opened: 0, acknowledged: 0, lost: 0 }
  for (let seed = 1; total.cuts < cuts; seed++) {
    const folder = join(root, String(seed))
    await (await openDatabase({ folder })).close()
    const outcome = await letThePowerGo(folder, Math.min(perDatabase, cuts - total.cuts), seed, 'synced')
    for (const key of ['cuts', 'opened', 'acknowledged'] as const) total[key] += outcome[key]
    total.lost += outcome.lost.length
  }
  rmSync(root, { recursive: true, force: true })
  return [
    {
      name: `acknowledged and lost after ${total.cuts} power cuts`,
      value: total.lost,
      unit: '',
      goal: { most: 0 },
      note: `${total.acknowledged} acknowledged; opened and looked through ${total.opened} times between two cuts`,
    },
  ]
}
