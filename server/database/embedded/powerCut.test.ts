import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { emptySchoolIn } from '../../testing/emptySchool'

vi.setConfig({ testTimeout: 900_000 })

let root: string
beforeEach(async () => {
  root = mkdtempSync(join(tmpdir(), 'jolly-beaker-'))
  await emptySchoolIn(root)
})
afterEach(() => rmSync(root, { recursive: true, force: true }))

interface Outcome {
  cuts: number
  /** How often the database opened and was looked through before the power went again. */
  opened: number
  acknowledged: number
  lost: number[]
}

const patience = 20_000

/** What one program of cuts came to; one that makes no progress is ended, and its last cut does not count. */
function letThePowerGo(cuts: number, seed: number, disk: 'synced' | 'never-synced'): Promise<Outcome> {
  const program = spawn(
    process.execPath,
    [
      '--import',
      'tsx',
      'server/testing/powerCuts.ts',
      join(root, 'database'),
      String(seed),
      String(cuts),
      disk,
    ],
    { env: { ...process.env, TSX_TSCONFIG_PATH: 'scripts/tsconfig.json' } },
  )
  let outcome: Outcome = { cuts: 0, opened: 0, acknowledged: 0, lost: [] }
  let complaint = ''
  let stalled = setTimeout(() => program.kill('SIGKILL'), patience)
  program.stderr.on('data', (part: Buffer) => (complaint += part.toString()))
  createInterface({ input: program.stdout }).on('line', (line) => {
    outcome = JSON.parse(line) as Outcome
    clearTimeout(stalled)
    stalled = setTimeout(() => program.kill('SIGKILL'), patience)
  })
  return new Promise((done, fail) =>
    program.once('close', (code) => {
      clearTimeout(stalled)
      if (code === 0 || code === null) done(outcome)
      else fail(new Error(complaint.slice(-2000)))
    }),
  )
}

it('two hundred power cuts at any moment lose nothing that was acknowledged, and the database always opens', async () => {
  const total = { cuts: 0, opened: 0, acknowledged: 0 }
  for (let seed = 1; total.cuts < 200; seed++) {
    const outcome = await letThePowerGo(Math.min(10, 200 - total.cuts), seed, 'synced')
    expect(outcome.lost).toEqual([])
    for (const key of ['cuts', 'opened', 'acknowledged'] as const) total[key] += outcome[key]
  }
  expect(total.opened).toBeGreaterThan(100)
  expect(total.acknowledged).toBeGreaterThan(1000)
})

it('a disk on which nothing is synced does lose, so that the one above can fail', async () => {
  const outcome = await letThePowerGo(12, 9, 'never-synced').catch(() => 'it no longer opens')
  expect(outcome).not.toMatchObject({ lost: [] })
})
