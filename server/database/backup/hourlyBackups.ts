import { ApiError } from '../../errors/apiError'
import { logProblem } from '../../errors/logProblem'
import type { OpenDatabase } from '../database'
import { deleteOrphanedPictures } from '../pictureFiles'
import type { Backup } from './backupFolder'
import { makeBackup } from './makeBackup'

const everyHour = 60 * 60 * 1000
/** Milliseconds until the first: whoever has just started the program waits for a page, which a backup would hold up. */
const first = () => Number(process.env.JOLLY_FIRST_BACKUP ?? 60) * 1000

/** The backups of a running program: one soon after the start, one every hour, and one whenever somebody asks. */
export interface Backups {
  /** Makes one, after any that is being made. Whoever asks while one waits for that gets the same. */
  make: () => Promise<Backup>
  /** Whether the last one that was tried could not be made. */
  failed: () => boolean
  stop: () => void
}

/**
 * Begins to back up an embedded database; a server's is that server's own business.
 * @param damaged what is damaged in it, in words: then none is made, since each new one takes the place of an older one
 */
export function hourlyBackups(
  opened: OpenDatabase,
  damaged: () => string | null = () => null,
): Backups | null {
  const { folder } = opened
  if (folder === null) return null
  let failed = false
  let stopped = false
  let turn: Promise<unknown> = Promise.resolve()
  let waiting: Promise<Backup> | null = null
  const make = () => {
    if (waiting) return waiting
    const made = turn.then(() => {
      waiting = null
      const damage = damaged()
      if (damage !== null) throw new ApiError('failed', damage)
      return makeBackup({ ...opened, folder })
    })
    waiting = made
    turn = made.then(
      () => (failed = false),
      () => (failed = true),
    )
    return made
  }
  const hourly = () =>
    void make()
      .then(() => deleteOrphanedPictures(opened.db, folder))
      .catch((error: unknown) => {
        // Broken off by the end of the program, which was asked for: the next start makes one.
        if (stopped) return
        console.error('The backup could not be made.')
        logProblem(error)
      })
  const soon = setTimeout(hourly, first())
  const timer = setInterval(hourly, everyHour)
  const stop = () => {
    stopped = true
    clearTimeout(soon)
    clearInterval(timer)
  }
  return { make, failed: () => failed, stop }
}

let current: Backups | null = null

/** Makes the backups of the running program known to the routes. */
export function setBackups(backups: Backups | null) {
  current = backups
}

/** The backups of the running program; null where the database is a server's or in memory. */
export const useBackups = (): Backups | null => current
