import { spawn } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'

/** What the cuts of one database came to. */
export interface Outcome {
  cuts: number
  /** How often the database opened and was looked through before the power went again. */
  opened: number
  acknowledged: number
  lost: number[]
}

const patience = 10_000

/**
 * Lets the power go again and again over the database in a folder, which is removed in the end. A program that makes no progress is
 * ended, and its last cut does not count.
 */
export function letThePowerGo(
  folder: string,
  cuts: number,
  seed: number,
  disk: 'synced' | 'never-synced',
): Promise<Outcome> {
  const program = spawn(
    process.execPath,
    [
      // Each database lives for a moment.
      '--liftoff-only',
      '--import',
      'tsx',
      'server/testing/powerCuts.ts',
      join(folder, 'database'),
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
      rmSync(folder, { recursive: true, force: true })
      if (code === 0 || code === null) done(outcome)
      else fail(new Error(complaint.slice(-2000)))
    }),
  )
}
