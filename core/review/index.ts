export { disagreement } from './disagreement'
export { pairGroups, type PairingFacts } from './pairGroups'
export { answerPhrases, convincingPhrases, questionPhrases, type Phrase, type PhraseId } from './phrases'
export { repeatableSlots, repeatReason } from './repeatable'
export {
  reviewKey,
  reviewLimits,
  reviewsSaid,
  standingReviews,
  visitsProgress,
  withReview,
  type Review,
  type Reviewing,
  type ReviewPair,
} from './review'
