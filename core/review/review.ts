/** What one group left with another after it had looked at its record. */
export interface Review {
  byGroupId: string
  ofGroupId: string
  /** What convinced them; may be empty where there is a question. */
  convinced: string
  /** What they asked; may be empty where something convinced them. */
  question: string
  /** What the other group answered; empty until it has. */
  answer: string
  /** When it was left, ISO 8601. */
  madeAt: string
  /** A teacher has taken it back: children see it nowhere. */
  removed: boolean
}

/** Whose record each group looks at, and whether it may now. */
export interface Reviewing {
  open: boolean
  /** How often the groups were paired, from 1. */
  round: number
  /** The group that each one visits, by the visitors' id. */
  hosts: Record<string, string>
}

/** The most letters of what convinced a group, of its question and of an answer. */
export const reviewLimits = { letters: 200 } as const

/** Two groups, the visitors first. */
export type ReviewPair = Pick<Review, 'byGroupId' | 'ofGroupId'>

/**
 * A text that names a pair of groups, for use as a key.
 * @example reviewKey({ byGroupId: 'leaf', ofGroupId: 'bell' }) // 'leaf|bell'
 */
export const reviewKey = ({ byGroupId, ofGroupId }: ReviewPair): string => `${byGroupId}|${ofGroupId}`

/**
 * The reviews with one more, or with one of them changed, in the order in which they were left.
 * @example withReview([late], early) // [early, late]
 */
export function withReview(all: readonly Review[], one: Review): Review[] {
  return [...all.filter((other) => reviewKey(other) !== reviewKey(one)), one].sort(
    (a, b) => Date.parse(a.madeAt) - Date.parse(b.madeAt) || reviewKey(a).localeCompare(reviewKey(b)),
  )
}

/**
 * Those that nobody took back, and that say something.
 * @example standingReviews([{ ...review, removed: true }]) // []
 */
export const standingReviews = (all: readonly Review[]): Review[] =>
  all.filter(({ removed, convinced, question }) => !removed && (convinced !== '' || question !== ''))

/**
 * How many groups left something, and what came of the questions, as a sentence; empty where nobody did.
 * @example reviewsSaid([review]) // 'Groups looked at each other’s work: 1 question, not answered yet.'
 */
export function reviewsSaid(all: readonly Review[]): string {
  const standing = standingReviews(all)
  if (standing.length === 0) return ''
  const asked = standing.filter(({ question }) => question !== '')
  const answered = asked.filter(({ answer }) => answer !== '').length
  const questions =
    asked.length === 0 ? 'no questions' : asked.length === 1 ? '1 question' : `${asked.length} questions`
  return `Groups looked at each other’s work: ${questions}${answeredSaid(asked.length, answered)}.`
}

function answeredSaid(asked: number, answered: number): string {
  if (asked === 0) return ''
  if (answered === asked)
    return asked === 1 ? ', answered' : asked === 2 ? ', both answered' : ', all answered'
  if (answered === 0) return ', not answered yet'
  return `, ${answered} answered so far`
}

/**
 * How many of the visiting groups have left something.
 * @example visitsProgress(1, 6) // '1 of 6 groups has left something'
 */
export function visitsProgress(done: number, all: number): string {
  if (done < all || all === 0) return `${done} of ${all} groups ${done === 1 ? 'has' : 'have'} left something`
  return all === 1 ? 'the one visiting group has left something' : `all ${all} groups have left something`
}
