import { useRafFn, useSessionStorage } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'

/** A stopwatch as it was left, so that a page that is loaded anew goes on with it. Times in ms by this device's clock. */
interface Kept {
  key: string
  startedAt: number | null
  stoppedAt: number | null
  laps: number[]
  /** The last race that this device has started in, by the server's time: each is run once. */
  race: number | null
}

/**
 * A stopwatch of this device: it runs from a press, or from the moment at which all start together.
 * @param key what it times; another one is another stopwatch
 * @param raceAt when all start, in ms by the server's clock; null where each starts by itself
 * @param here a moment by the server's clock as this device has it
 */
export function useStopwatch(
  key: () => string,
  raceAt: Ref<number | null>,
  here: (moment: number) => number,
) {
  const still = { startedAt: null, stoppedAt: null, laps: [] }
  const kept = useSessionStorage<Kept>('jolly-beaker-stopwatch', { key: key(), ...still, race: null })
  const fresh = (): Kept => ({ key: key(), ...still, race: kept.value.race })
  const now = ref(Date.now())
  const watchOf = computed(() => (kept.value.key === key() ? kept.value : fresh()))
  const set = (changes: Partial<Kept>) => (kept.value = { ...watchOf.value, ...changes })
  useRafFn(() => (now.value = Date.now()), { fpsLimit: 30 })

  const isRunning = computed(() => watchOf.value.startedAt !== null && watchOf.value.stoppedAt === null)
  const hasStopped = computed(() => watchOf.value.stoppedAt !== null)
  /** Seconds on it; below 0 while all wait for their start. */
  const seconds = computed(() => {
    const { startedAt, stoppedAt } = watchOf.value
    return startedAt === null ? 0 : ((stoppedAt ?? now.value) - startedAt) / 1000
  })
  const laps = computed(() => watchOf.value.laps)

  // The next try is not in the race of the one before, nor is one that has been stopped begun anew.
  watch(
    raceAt,
    (at, before) => {
      if (at !== null && watchOf.value.race !== at)
        set({ startedAt: here(at), stoppedAt: null, laps: [], race: at })
      else if (at === null && before === watchOf.value.race && isRunning.value) cancel()
    },
    { immediate: true },
  )

  const start = () => set({ startedAt: Date.now(), stoppedAt: null, laps: [] })
  const stop = () => isRunning.value && seconds.value > 0 && set({ stoppedAt: Date.now() })
  const lap = () => isRunning.value && set({ laps: [...laps.value, seconds.value] })
  const cancel = () => set({ startedAt: null, stoppedAt: null, laps: [] })
  return { seconds, laps, isRunning, hasStopped, start, stop, lap, cancel }
}
