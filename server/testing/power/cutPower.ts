import { spawn } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { build, type Plugin } from 'esbuild'
import { seededRandom } from '../../../core/random'
import type { CutLine, CutOrder } from './cutOrder'
import { PictureDisk } from './pictureDisk'

/** What the cuts of one data folder came to. */
export interface Outcome {
  cuts: number
  /** How often the program opened its database and compared it, the state after the last cut included. */
  opened: number
  /** Rows and pictures. */
  acknowledged: number
  /** What was acknowledged and is gone, or is another. */
  lost: string[]
  /** How often a program did not open its database, or came to a stand, within the time that it has. */
  hung: number
}

/** Milliseconds without a word after which a program hangs; on a machine that is busy all takes several times as long. */
const hangTimeout = 120_000

/** The program with a disk that forgets in the place of its own, for the database as for the files of pictures. */
const forgetfulDisk: Plugin = {
  name: 'forgetful disk',
  setup: ({ onResolve }) => {
    const testing = join(process.cwd(), 'server/testing/power')
    // Its expressions are not JavaScript's: they know no flags.
    onResolve({ filter: /\/syncedFiles$/ }, ({ importer }) =>
      importer.endsWith('databaseFiles.ts') ? { path: join(testing, 'cutDisk.ts') } : null,
    )
    onResolve({ filter: /^node:fs\/promises$/ }, ({ importer }) =>
      importer.endsWith('pictureFiles.ts') ? { path: join(testing, 'tracedFiles.ts') } : null,
    )
  },
}

let program: Promise<string> | null = null
/** The program that is run again and again, built once: reading its source each time would take longer than its work. */
async function buildProgram(): Promise<string> {
  const folder = join(process.cwd(), '.bench', `power-cuts-${process.pid}`)
  process.once('exit', () => rmSync(folder, { recursive: true, force: true }))
  await build({
    entryPoints: {
      program: 'server/testing/power/powerCuts.ts',
      databaseThread: 'server/database/embedded/thread.ts',
    },
    outdir: folder,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    tsconfig: 'scripts/tsconfig.json',
    plugins: [forgetfulDisk],
  })
  return join(folder, 'program.mjs')
}

/** Lets the power go again and again over the data in a folder, which are looked through once more and removed in the end. */
export async function cutPower(
  folder: string,
  cuts: number,
  seed: number,
  disk: 'synced' | 'never-synced',
): Promise<Outcome> {
  program ??= buildProgram()
  const file = await program
  const random = seededRandom(seed)
  const outcome: Outcome = { cuts: 0, opened: 0, acknowledged: 0, lost: [], hung: 0 }
  const rows = new Map<number, number>()
  const pictures = new Map<string, string>()
  const order = { folder, syncs: disk === 'synced', acknowledged: join(folder, 'acknowledged.json') }
  for (let run = 0; run <= cuts && outcome.lost.length === 0 && outcome.hung === 0; run++) {
    writeFileSync(order.acknowledged, JSON.stringify({ rows: [...rows], pictures: [...pictures] }))
    // A few come while the database is still putting itself right after the last one.
    const cutAtWrite = run === cuts ? null : 1 + Math.floor(random() * 300)
    const pictureDisk = new PictureDisk(order.syncs)
    let isCut = false
    const ended = await once(file, { ...order, seed: seed * 1000 + run, cutAtWrite }, (line) => {
      if ('lost' in line) {
        outcome.opened++
        outcome.lost.push(...line.lost)
      } else if ('kept' in line) rows.set(...line.kept)
      else if ('keptPicture' in line) pictures.set(...line.keptPicture)
      else if ('deletes' in line) pictures.delete(line.deletes)
      else if ('cut' in line) isCut = true
      else pictureDisk.heard(line)
    })
    if (isCut) {
      outcome.cuts++
      pictureDisk.forget(random)
    } else if (!ended) outcome.hung++
  }
  outcome.acknowledged = rows.size + pictures.size
  rmSync(folder, { recursive: true, force: true })
  return outcome
}

/** Runs it once; gives back whether it came to its end by itself. */
function once(file: string, order: CutOrder, heard: (line: CutLine) => void): Promise<boolean> {
  // The socket of a program that is gone in a moment stays behind.
  const scratch = join(order.folder, 'scratch')
  mkdirSync(scratch, { recursive: true })
  const child = spawn(
    process.execPath,
    // Each lives for a moment.
    ['--liftoff-only', file],
    {
      env: { ...process.env, TMPDIR: scratch, POWER_CUT: JSON.stringify(order) },
      stdio: ['ignore', 'pipe', 'pipe'],
    },
  )
  let complaint = ''
  let hangs = setTimeout(() => child.kill('SIGKILL'), hangTimeout)
  child.stderr.on('data', (part: Buffer) => (complaint += part.toString()))
  createInterface({ input: child.stdout }).on('line', (line) => {
    heard(JSON.parse(line) as CutLine)
    clearTimeout(hangs)
    hangs = setTimeout(() => child.kill('SIGKILL'), hangTimeout)
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
