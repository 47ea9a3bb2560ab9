import { once } from 'node:events'
import { loadThread } from '../threads/loadThread'
import type { Watched } from '../threads/watchdogThread'

/**
 * Has a thread of its own end this program when its loop stands still; whoever started it starts it again.
 * @returns once it watches
 */
export async function startWatchdog({ mostMissed = 30, every = 1000 } = {}): Promise<void> {
  const turns = new Int32Array(new SharedArrayBuffer(4))
  setInterval(() => Atomics.add(turns, 0, 1), every).unref()
  const watched: Watched = { turns, mostMissed, every }
  const thread = loadThread('watchdogThread', { ...watched })
  thread.on('error', (error) => console.error('Nothing watches whether this program hangs:', error))
  await once(thread, 'message')
  thread.unref()
}
