import { plannedAt, startedAt } from '#core/recording'
import type { Slot } from '#core/entries'
import { useLesson } from '../stores/lesson'
import { useServerClock } from './useServerClock'

/** The containers that were started, and when something is due in them. */
export function useRunningTimes() {
  const store = useLesson()
  const { now, read } = useServerClock()

  const startedAtOf = (slot: Slot) => startedAt(store.slots, slot)
  /** Seconds until a slot is due, negative once it is late; null while its container stands still. */
  function secondsUntil(slot: Slot): number | null {
    const [start, minute] = [startedAtOf(slot), plannedAt(slot.moment)]
    return start === null || minute === null ? null : (start + minute * 60_000 - now.value) / 1000
  }
  return { startedAt: startedAtOf, secondsUntil, read }
}

/**
 * Seconds as a clock shows them.
 * @example clockWords(308) // '5:08'
 */
export function clockWords(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
