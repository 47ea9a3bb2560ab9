import { computed } from 'vue'
import { levelName } from '#core/plan'
import { wayOf } from '#core/recording'
import { duesOf, testingOf, testingSince, type Due } from '#core/timetable'
import { useLesson } from '../stores/lesson'
import { clockWords } from './useRunningTimes'
import { useServerClock } from './useServerClock'

/** Something due, with how far off it is. */
export interface TimedDue extends Due {
  /** Seconds until then, below 0 once it is late; null where it may be done whenever the group is ready. */
  seconds: number | null
}

/** A second or two is no lateness. */
const late = 5

/** What each group starts and reads next, where that goes by minutes. */
export function useDues() {
  const store = useLesson()
  const { now } = useServerClock()
  const testing = computed(() =>
    store.lesson && wayOf(store.plan).readMinutes(store.plan)
      ? testingOf(store.plan, store.timeContext)
      : null,
  )
  const dues = computed<TimedDue[]>(() => {
    if (!testing.value) return []
    const context = {
      groupIds: store.groups.map((group) => group.id),
      hands: store.timeContext,
      slots: store.slots,
      testing: testing.value,
      since: store.open.clock ? testingSince(store.open.clock) : null,
      now: now.value,
    }
    return duesOf(store.plan, context).map((due) => ({
      ...due,
      seconds: due.at === null ? null : (due.at - now.value) / 1000,
    }))
  })
  /** Those that have a time, of every group its first. */
  const coming = computed(() =>
    dues.value.filter(
      (due, index) =>
        due.at !== null && dues.value.findIndex((one) => one.groupIndex === due.groupIndex) === index,
    ),
  )
  const dueOf = (groupIndex: number) => dues.value.find((one) => one.groupIndex === groupIndex) ?? null

  /** "Leaf: start wool", "Leaf: read wool, 4 min". */
  function what({ kind, slot }: Due): string {
    const level = store.plan.levels.find((one) => one.id === slot.levelId)
    const name = level ? levelName(store.plan, level) : ''
    return `${store.testers.find(({ id }) => id === slot.groupId)?.name ?? ''}: ${kind} ${name}${kind === 'read' ? `, ${slot.moment}` : ''}`
  }
  return { dues, coming, dueOf, what }
}

/** "in 2:40", "now", "1:05 late". */
export function whenWords(seconds: number): string {
  if (seconds > 0) return `in ${clockWords(seconds + 0.999)}`
  return seconds > -late ? 'now' : `${clockWords(-seconds)} late`
}
