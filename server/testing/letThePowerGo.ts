import { spawn } from 'node:child_process'
import { rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { buildSync } from 'esbuild'
import { seededRandom } from '../../core/random'
import type { CutLine, CutOrder } from './powerCuts'

/** What the cuts of one database came to. */
export interface Outcome {
  cuts: number
  /** How often the database opened and was compared, the state after the last cut included. */
  opened: number
  acknowledged: number
  /** What was acknowledged and is gone, or is another. */
  lost: string[]
  /** How often a database did not open, or came to a stand, within the time that it has. */
  hung: number
}

/** Milliseconds without a word after which a database hangs; on a machine that is busy all takes several times as long. */
const patience = 120_000

let program: string | null = null
/** The program that is run again and again, built once: reading its source each time would take longer than its work. */
function built(): string {
  if (program) return program
  program = join(process.cwd(), '.bench', `power-cuts-${process.pid}.mjs`)
  buildSync({
    entryPoints: ['server/testing/powerCuts.ts'],
    outfile: program,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
  })
  process.once('exit', () => rmSync(program!, { force: true }))
  return program
}

/** Lets the power go again and again over the database in a folder, which is looked through once more and removed in the end. */
export async function letThePowerGo(
  folder: string,
  cuts: number,
  seed: number,
  disk: 'synced' | 'never-synced',
): Promise<Outcome> {
  const random = seededRandom(seed)
  const outcome: Outcome = { cuts: 0, opened: 0, acknowledged: 0, lost: [], hung: 0 }
  const acknowledged = new Map<number, number>()
  const order = {
    folder: join(folder, 'database'),
    syncs: disk === 'synced',
    acknowledged: join(folder, 'acknowledged.json'),
  }
  for (let run = 0; run <= cuts && outcome.lost.length === 0 && outcome.hung === 0; run++) {
    writeFileSync(order.acknowledged, JSON.stringify([...acknowledged]))
    // A few come while the database is still putting itself right after the last one.
    const cutAtWrite = run === cuts ? null : 1 + Math.floor(random() * 300)
    const ended = await once({ ...order, seed: seed * 1000 + run, cutAtWrite }, (line) => {
      if ('opened' in line) {
        outcome.opened++
        outcome.lost.push(...line.lost)
      } else if ('kept' in line) acknowledged.set(...line.kept)
      else outcome.cuts++
    })
    if (!ended) outcome.hung++
  }
  outcome.acknowledged = acknowledged.size
  rmSync(folder, { recursive: true, force: true })
  return outcome
}

/** Runs it once; gives back whether it came to its end. */
function once(order: CutOrder, heard: (line: CutLine) => void): Promise<boolean> {
  const child = spawn(
    process.execPath,
    // Each database lives for a moment.
    ['--liftoff-only', built()],
    { env: { ...process.env, POWER_CUT: JSON.stringify(order) }, stdio: ['ignore', 'pipe', 'pipe'] },
  )
  let complaint = ''
  let hangs = setTimeout(() => child.kill('SIGKILL'), patience)
  child.stderr.on('data', (part: Buffer) => (complaint += part.toString()))
  createInterface({ input: child.stdout }).on('line', (line) => {
    heard(JSON.parse(line) as CutLine)
    clearTimeout(hangs)
    hangs = setTimeout(() => child.kill('SIGKILL'), patience)
  })
  return new Promise((done, fail) =>
    child.once('close', (code, signal) => {
      clearTimeout(hangs)
      if (code === 0) done(true)
      else if (signal === 'SIGKILL') done(false)
      else fail(new Error(complaint.slice(-2000)))
    }),
  )
}
