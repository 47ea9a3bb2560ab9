import { firstOf, lastOf } from '#core/defined'
import { newestBackup } from '../database/backup/backupFolder'
import type { OpenDatabase } from '../database/database'
import { lookThrough } from '../database/lookThrough'
import { logProblem } from '../errors/logProblem'

/** Milliseconds that the start waits for it; the rest is looked through while the program works. */
const atStart = 3000
/** Milliseconds between two pieces then, so that nobody waits. */
const pause = 200

/** What is known of the state of the data on the disk. */
export interface DamageWatch {
  /** What is damaged and what to do, in words for a teacher; null while nothing is known to be. */
  said: () => string | null
  stop: () => void
}

/**
 * Looks through all data when the program starts, so that damage is named before somebody needs what is damaged.
 * @returns after a few seconds at most; what is found later is told as it is found
 */
export async function watchDamage(opened: OpenDatabase): Promise<DamageWatch> {
  const { folder } = opened
  if (folder === null) return { said: () => null, stop: () => {} }
  const damaged: string[] = []
  let [stopped, hurried] = [false, true]
  const said = () => (damaged.length === 0 ? null : wordsOf(damaged, folder))
  async function look() {
    for await (const damage of lookThrough(opened.db)) {
      if (stopped) return
      if (damage) {
        damaged.push(damage.part)
        console.error(said())
      }
      if (!hurried) await after(pause)
    }
  }
  // Broken off by the end of the program it has nothing to say.
  const looking = look().catch((error: unknown) => void (stopped || logProblem(error)))
  await Promise.race([looking, after(atStart)])
  hurried = false
  return { said, stop: () => (stopped = true) }
}

const after = (milliseconds: number) => new Promise((done) => setTimeout(done, milliseconds).unref())

function wordsOf(damaged: readonly string[], folder: string): string {
  const parts =
    damaged.length === 1 ? firstOf(damaged) : `${damaged.slice(0, -1).join(', ')} and ${lastOf(damaged)}`
  const newest = newestBackup(folder)
  return (
    `Part of the school’s data is damaged and cannot be read: ${parts}. We’ve stopped making backups, so that the good ones stay. ` +
    `Stop Jolly Beaker and go back to the newest one: npm run restore${newest ? ` -- ${newest.file}` : ''}`
  )
}

let current: DamageWatch | null = null

/** Makes it known to the routes. */
export function setDamageWatch(watch: DamageWatch | null) {
  current = watch
}

/** What is damaged, in words; null while nothing is known to be. */
export const damageSaid = (): string | null => current?.said() ?? null
