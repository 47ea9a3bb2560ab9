import type { Plan } from '../../plan'
import type { Entry } from '../../entries'
import { atField, plannedAt, wayOf } from '../../recording'

/** How many readings were taken late, and by how much the latest. */
export interface Lateness {
  readings: number
  /** In seconds. */
  most: number
}

/** Less than that is on time, in seconds. */
const onTime = 60

/**
 * The readings at set minutes that were taken a minute late or more.
 * @example lateReadings(plan, counted) // { readings: 0, most: 0 }: nothing is read at set minutes
 */
export function lateReadings(plan: Plan, counted: readonly Entry[]): Lateness {
  if (!wayOf(plan).readMinutes(plan)) return { readings: 0, most: 0 }
  const late = counted.flatMap(({ moment, fields }) => {
    const [minute, at] = [plannedAt(moment), fields[atField]?.value]
    if (minute === null || typeof at !== 'number') return []
    const seconds = Math.round((at - minute) * 60)
    return seconds >= onTime ? [seconds] : []
  })
  return { readings: late.length, most: Math.max(0, ...late) }
}
