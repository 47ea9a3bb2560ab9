export { classAnswer } from './answer'
export { claimEffect, claimScope, claimSentence, emptyConclusion, type Claim, type Conclusion } from './claim'
export { checkClaim, type ClaimCheck } from './checkClaim'
export { suggestClaim } from './suggestClaim'
export { predictorSeats, type PredictorSeat } from './predictors'
export {
  comparePrediction,
  predictedLevel,
  predictionWords,
  type PredictionAnswer,
  type PredictionOutcome,
} from './prediction'
