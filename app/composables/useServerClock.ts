import { createSharedComposable, useEventListener, useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { request } from '../api/request'

/** What the server said the time was, when this device heard it, and how much faster than a clock it goes. */
const heard = ref<{ now: number; at: number; times: number } | null>(null)
/** A slow answer says less of when it was given, in ms. */
let slowness = Infinity
let measuring = false

/** A device's clock may be set right in the middle of a lesson. */
const measureEvery = 60_000

async function measure() {
  if (measuring) return
  measuring = true
  const asked = Date.now()
  try {
    const { now, times } = await request('GET', '/api/time')
    const at = Date.now()
    const offBy = (heard.value ? read() - now : Infinity) as number
    // A quicker answer is a better one; one that is far off says that a clock was set.
    if (at - asked <= slowness || Math.abs(offBy) > 2000) {
      slowness = at - asked
      heard.value = { now, at: (asked + at) / 2, times }
    }
  } catch {
    // Offline the device's own clock has to do; the next time measures again.
  } finally {
    measuring = false
  }
}

function read(): number {
  if (!heard.value) return Date.now()
  const { now, at, times } = heard.value
  return now + (Date.now() - at) * times
}

/**
 * The time of the server, ticking twice a second, so that all devices of a lesson count from one start, whatever their clocks say. One
 * for the page, however many parts of it look at it.
 */
export const useServerClock = createSharedComposable(() => {
  if (heard.value === null) void measure()
  const now = ref(read())
  useIntervalFn(() => (now.value = read()), 500)
  useIntervalFn(() => void measure(), measureEvery)
  // After a sleep, at once.
  useEventListener(globalThis.document, 'visibilitychange', () => {
    if (document.visibilityState === 'visible') void measure()
  })
  /** A moment by the server's time as this device's own clock has it, in ms. */
  const here = (moment: number) => Date.now() + (moment - read()) / (heard.value?.times ?? 1)
  return { now, read, here }
})
