export { classAnswer } from './answer'
export { claimEffect, claimScope, claimSentence, emptyConclusion, type Claim, type Conclusion } from './claim'
export { checkClaim, type ClaimCheck } from './checkClaim'
export { suggestClaim } from './suggestClaim'
export {
  comparePrediction,
  predictedLevel,
  predictionWords,
  type PredictionAnswer,
  type PredictionOutcome,
} from './prediction'
