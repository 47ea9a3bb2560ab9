import type { Plan } from '../../plan'
import type { Entry } from '../../entries'
import { dayNumbers } from '../series/daysApart'
import { dayMoment, minuteMoment, plannedAt } from '../series/moments'
import { minuteOf } from '../series/points'
import type { SeenWord } from './firstReached'
import { placeOf, wordsOf } from './words'

/** What time is counted in. */
export const perOf = (plan: Plan): 'day' | 'minute' => (isOverDays(plan) ? 'day' : 'minute')
/** Whether it is looked at on several days. */
export const isOverDays = (plan: Plan) => wordsOf(plan).seen === 'days'
/** Whether it is looked at more than once. */
export const isRepeated = (plan: Plan) => wordsOf(plan).seen !== 'once'
/** Whether what counts is how soon a word was reached. */
export const seesFirst = (plan: Plan) => isRepeated(plan) && wordsOf(plan).score === 'reached'

/** When it is looked at. */
export function momentsOf(plan: Plan): string[] {
  const words = wordsOf(plan)
  if (words.seen === 'once') return ['']
  return words.seen === 'minutes'
    ? words.minutes.map((minute) => minuteMoment(minute))
    : dayNumbers(words).map((day) => dayMoment(day))
}

/** What was seen of one container, in the order of time. */
export interface Row {
  groupId: string
  levelId: string
  tryNumber: number
  seen: (SeenWord & { moment: string })[]
}

/** What was seen of each container that stands for itself. */
export function rowsOf(plan: Plan, counted: readonly Entry[]): Row[] {
  const moments = momentsOf(plan)
  const rows = new Map<string, Row>()
  for (const entry of counted) {
    const { groupId, levelId, tryNumber, moment } = entry
    const place = placeOf(plan, entry)
    if (place === null || levelId === null || !moments.includes(moment)) continue
    const key = `${groupId}|${levelId}|${tryNumber}`
    const row = rows.get(key) ?? { groupId, levelId, tryNumber, seen: [] }
    // Days are counted as planned, minutes as they really passed.
    const at = perOf(plan) === 'day' ? plannedAt(moment) : minuteOf(entry)
    row.seen.push({ moment, at: at ?? 0, place })
    rows.set(key, row)
  }
  for (const { seen } of rows.values()) seen.sort((a, b) => a.at - b.at)
  return [...rows.values()]
}
