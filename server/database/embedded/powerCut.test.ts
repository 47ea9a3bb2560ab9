import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { emptySchoolIn } from '../../testing/emptySchool'
import { cutPower } from '../../testing/power/cutPower'

vi.setConfig({ testTimeout: 900_000 })

let root: string
beforeEach(() => (root = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))))
afterEach(() => rmSync(root, { recursive: true, force: true }))

async function cutsOver(cuts: number, seed: number, disk: 'synced' | 'never-synced') {
  const folder = join(root, String(seed))
  await emptySchoolIn(folder)
  return cutPower(folder, cuts, seed, disk)
}

// Two hundred take minutes: npm run bench -- power.
it('power cuts at any moment lose nothing that was acknowledged, and the database always opens', async () => {
  const total = { cuts: 0, opened: 0, acknowledged: 0 }
  for (let seed = 1; total.cuts < 40; seed++) {
    const outcome = await cutsOver(10, seed, 'synced')
    expect(outcome).toMatchObject({ lost: [], hung: 0, cuts: 10 })
    for (const key of ['cuts', 'opened', 'acknowledged'] as const) total[key] += outcome[key]
  }
  // Some cuts come while it is opening; the state after the last one is always looked through.
  expect(total.opened).toBeGreaterThan(15)
  expect(total.acknowledged).toBeGreaterThan(200)
})

it('a disk on which nothing is synced does lose, so that the one above can fail', async () => {
  // Not every cut comes where something can be lost.
  let isFound = false
  for (let seed = 9; seed < 14 && !isFound; seed++)
    isFound = await cutsOver(12, seed, 'never-synced').then(
      ({ lost, hung }) => lost.length > 0 || hung > 0,
      (error: Error) => {
        // It does not open at all.
        if (!/DatabaseUnreadable|PostgresError/u.test(error.message)) throw error
        return true
      },
    )
  expect(isFound).toBe(true)
})
