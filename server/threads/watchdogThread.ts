import { defined } from '../../core/defined'
import { writeSync } from 'node:fs'
import { parentPort, workerData } from 'node:worker_threads'

/** What the watchdog is told at its start. */
export interface Watched {
  /** Goes up by one with every turn of the program's loop. */
  turns: Int32Array
  /** How many of the watchdog's own turns may go by without one of the program's. */
  mostMissed: number
  /** Milliseconds of a turn. */
  every: number
}

// Ends a program whose loop stands still: it answers nobody and could not even be stopped. Turns are counted and not time, so that a
// machine that slept is not taken for one that hangs.
const { turns, mostMissed, every } = workerData as Watched
defined(parentPort).postMessage('watching')
let seen = -1
let still = 0
setInterval(() => {
  const now = Atomics.load(turns, 0)
  still = now === seen ? still + 1 : 0
  seen = now
  if (still < mostMissed) return
  writeSync(
    2,
    `Jolly Beaker hasn’t answered for ${(mostMissed * every) / 1000} seconds, so it ends. Nothing that was shown as saved is lost.\n`,
  )
  process.kill(process.pid, 'SIGKILL')
}, every)
