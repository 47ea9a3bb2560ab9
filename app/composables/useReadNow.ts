import type { Entry, Slot } from '#core/entries'
import { atField, minutesLimits, plannedAt, wayOf } from '#core/recording'
import { useLesson } from '../stores/lesson'
import { currentDay } from '#shared/lesson/currentDay'
import { readTimeFields } from './useRecorder'
import { clockWords, useRunningTimes } from './useRunningTimes'

/** The time at which something is really seen, where the way of recording keeps it. */
export function useReadNow() {
  const store = useLesson()
  const times = useRunningTimes()

  function readNow(slot: Slot): Entry['fields'] {
    const way = wayOf(store.plan)
    if (!way.extraFields.includes(atField)) return {}
    if (way.momentsDue(store.plan, store.days, currentDay()) !== null)
      return readTimeFields(currentDay(), currentDay())
    const start = times.startedAt(slot)
    if (start === null) return {}
    const seconds = (times.read() - start) / 1000
    // Started so long ago that it is no time of this reading: it stands at its planned minute.
    if (seconds > minutesLimits.greatest * 60) return {}
    return readTimeFields(clockWords(seconds), plannedAt(slot.moment) ?? 0)
  }

  return { times, readNow }
}
