import { stems } from '../catalogue'
import type { Conclusion } from '../conclusion'
import { setAsideReasons, type Entry } from '../entries'
import type { Plan } from '../plan'
import { standingReviews, type Review } from '../review'

/** What a class wrote where something did not go as planned. */
export interface TroubleTexts {
  conclusion: Pick<Conclusion, 'better'>
  entries: readonly Pick<Entry, 'note' | 'reason'>[]
  reviews: readonly Review[]
}

/** The words of a text without their endings, so that "dropped" speaks of "dropping". */
const roots = (text: string): string[] =>
  stems(text).map(({ stem }) => stem.replace(/(?<=..)(?:ing|ed|er|s|e)$/, '').replace(/([^aeiou])\1$/, '$1'))

/** A reason that was pressed is not the class's own. */
const isStock = (reason: string): boolean => (setAsideReasons as readonly string[]).includes(reason)

/** Words that stand in many names and tell none from another. */
const common = new Set(roots('the a an of same kind way type amount number size who how which what'))

/**
 * The name of what was hard to keep the same, by the class's own words: what it would do better, its notes and reasons in its own words for setting tries
 * aside, and what groups asked each other. The one that most of these texts name, what groups asked weighing half as much; null where none does.
 * @example hardToKeep(plan, { conclusion: { better: 'Drop it the same way.' }, entries: [], reviews: [] }) // null
 */
export function hardToKeep(plan: Plan, { conclusion, entries, reviews }: TroubleTexts): string | null {
  const left = standingReviews(reviews).flatMap(({ question, answer }) => [question, answer])
  const written = [
    conclusion.better,
    ...entries.flatMap(({ note, reason }) => [note, isStock(reason) ? '' : reason]),
  ]
  // A question of visitors names things for other reasons too.
  const spoken = [...written, ...written, ...left].map((text) => new Set(roots(text)))
  // The ball itself is spoken of all the time.
  const asked = new Set(roots(plan.question))
  const kept = plan.keptSame.filter(({ name }) => !roots(name).every((root) => asked.has(root)))
  const counts = kept.map(({ name }) => {
    const own = roots(name).filter((root) => !common.has(root))
    const naming = own.length === 0 ? 0 : spoken.filter((text) => own.every((root) => text.has(root))).length
    return { name, naming }
  })
  const [most] = counts.filter(({ naming }) => naming > 0).sort((a, b) => b.naming - a.naming)
  return most?.name ?? null
}
