import { reviewLimits } from '#core/review'
import { openLine, wholeNumber } from './common'
import { object, optional, rule, yesOrNo } from './typed'

const text = openLine(reviewLimits.letters)

/** The texts of a review, before it is answered. */
export const reviewTexts = { convinced: text, question: text }

/** What one group leaves with another, and what it saw there before: nobody else's words are written over unseen. */
export const reviewSchema = object({ ...reviewTexts, was: optional(object(reviewTexts)) }).custom(
  rule(({ convinced, question }: { convinced: string; question: string }) =>
    convinced === '' && question === '' ? 'Say what convinced you, or ask a question.' : null,
  ),
)

/** What the other group answers, and what it had answered before; empty takes the answer back. */
export const reviewAnswerSchema = object({ answer: text, was: optional(text) })

/** Whether a teacher has taken a review back. */
export const reviewChangeSchema = object({ removed: yesOrNo() })

/** Whether groups may look at each other's work; a round after the one that was last pairs them again. */
export const reviewingSchema = object({ open: yesOrNo(), round: wholeNumber(1, 1000) })
