import { defined } from '../../defined'
import { stripRoundingNoise } from '../../quantity'
import type { Need } from '../needs'
import { inSharedUnit, supplyFor, type Supply } from './supply'

/** What a lesson holds back in the cupboard, and when. */
export interface Reservation {
  lessonId: string
  /** How the lesson is told from others: "Ball bounce, Kestrel class". */
  title: string
  /** First and last day, as year-month-day. */
  from: string
  to: string
  /** When the lesson was made; of two that want the same thing, the earlier made one has it. */
  madeAt: string
  needs: Need[]
}

/** What there is of one need, and who else holds it. */
export interface Availability {
  need: Need
  supply: Supply | null
  /** In the cupboard, in the unit of the need. */
  inStock: number
  /** Held by other lessons that share a day (reused) or come before (used up), with how much. */
  held: { lessonId: string; title: string; amount: number }[]
  /** What this lesson can have. */
  available: number
  /** What is missing; 0 when there is enough. */
  short: number
}

/**
 * What the cupboard has for a lesson after what other lessons hold back. Reused things are held by lessons that
 * share a day and were made earlier; used-up things also by every lesson before, as they will be gone by then.
 * A need that the cupboard does not list counts as none there.
 *
 * @param own the lesson itself
 * @param others every other lesson that is still to come, this day or another
 * @example availability(own, [bounce], supplies)[0] // { short: 2, held: [{ title: 'Ball bounce', amount: 6 }], … }
 */
export function availability(
  own: Reservation,
  others: readonly Reservation[],
  supplies: readonly Supply[],
): Availability[] {
  return own.needs.map((need) => {
    const supply = supplyFor(need, supplies) ?? null
    const inStock = supply ? inSharedUnit(supply.amount, supply.unit) : 0
    const held = others.flatMap((other) => {
      const amount = sum(
        other.needs.filter((one) => one.key === need.key && one.use === need.use && holds(other, own, need)),
      )
      return amount > 0 ? [{ lessonId: other.lessonId, title: other.title, amount }] : []
    })
    const available = Math.max(
      0,
      stripRoundingNoise(inStock - held.reduce((total, one) => total + one.amount, 0)),
    )
    return {
      need,
      supply,
      inStock,
      held,
      available,
      short: Math.max(0, stripRoundingNoise(need.amount - available)),
    }
  })
}

function holds(other: Reservation, own: Reservation, { use }: Need): boolean {
  if (other.lessonId === own.lessonId) return false
  const sharesADay = other.from <= own.to && own.from <= other.to
  const first = other.madeAt < own.madeAt || (other.madeAt === own.madeAt && other.lessonId < own.lessonId)
  if (sharesADay) return first
  return use === 'used-up' && other.to < own.from
}

const sum = (needs: readonly Need[]) => needs.reduce((total, one) => total + one.amount, 0)

/**
 * The needs of several lessons together: used-up things add up; reused things are needed by as many as share a day.
 * @example combinedNeeds([monday, tuesday]) // one balance on each day is one balance
 */
export function combinedNeeds(lessons: readonly Reservation[]): Need[] {
  const all = new Map<string, Need>()
  for (const lesson of lessons)
    for (const need of lesson.needs) {
      const key = `${need.key}|${need.unit}|${need.use}`
      const before = all.get(key)
      if (!before) all.set(key, { ...need, materialIds: [...need.materialIds], amount: 0 })
      const now = defined(all.get(key))
      if (need.use === 'used-up') now.amount = stripRoundingNoise(now.amount + need.amount)
      else now.amount = Math.max(now.amount, onBusiestDay(lesson, lessons, need))
    }
  return [...all.values()]
}

/** A lesson's first day is busiest among its days or some other's first day is: those are the days to look at. */
function onBusiestDay(lesson: Reservation, lessons: readonly Reservation[], need: Need): number {
  const days = lessons.map((one) => one.from).filter((day) => day >= lesson.from && day <= lesson.to)
  return Math.max(
    ...days.map((day) =>
      stripRoundingNoise(
        sum(
          lessons
            .filter((one) => one.from <= day && day <= one.to)
            .flatMap((one) => one.needs)
            .filter((one) => one.key === need.key && one.unit === need.unit && one.use === need.use),
        ),
      ),
    ),
  )
}
