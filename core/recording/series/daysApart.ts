import type { WayOption } from '../way'

/** On how many days something is read, and how many lie from one to the next where it is not school days one after another. */
export interface DaysApart {
  days: number
  every?: number
}

/**
 * Which days they are, the first being 1.
 * @example dayNumbers({ days: 3, every: 7 }) // [1, 8, 15]
 */
export const dayNumbers = ({ days, every = 1 }: DaysApart): number[] =>
  Array.from({ length: days }, (_, index) => 1 + index * every)

/**
 * How many days after the first each reading is, where that is not a school day like any other.
 * @example daysAfter({ days: 3, every: 7 }) // [0, 7, 14]
 */
export const daysAfter = (read: DaysApart): number[] | undefined =>
  read.every === undefined ? undefined : dayNumbers(read).map((day) => day - 1)

/** How many days lie from one reading to the next; school days one after another where nothing is said. */
export const daysApartOption = {
  name: 'every',
  label: 'Days from one reading to the next',
  kind: 'whole',
  suffix: '',
  least: 2,
  greatest: 31,
  optional: true,
  says: (every) => (every === null ? 'one after another' : apartSaid(every)),
} as const satisfies WayOption

/** "a week apart", "3 days apart". */
function apartSaid(days: number): string {
  if (days % 7 !== 0) return `${days} days apart`
  return days === 7 ? 'a week apart' : `${days / 7} weeks apart`
}
