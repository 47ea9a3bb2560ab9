import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { request } from '../api/request'

/** How far this device's clock is from the server's, in ms; measured once for the page, since clocks do not jump in a lesson. */
const offset = ref<number | null>(null)

async function measure() {
  const asked = Date.now()
  try {
    const { now } = await request('GET', '/api/time')
    offset.value = now - (asked + Date.now()) / 2
  } catch {
    // Offline the device's own clock has to do; the next screen measures again.
  }
}

/** The time of the server, ticking every second, so that all devices of a lesson count from one start. */
export function useServerClock() {
  if (offset.value === null) void measure()
  const read = () => Date.now() + (offset.value ?? 0)
  const now = ref(read())
  useIntervalFn(() => (now.value = read()), 500)
  return { now, read }
}
