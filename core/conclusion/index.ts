export { classAnswer } from './answer'
export {
  claimEffect,
  claimScope,
  claimSentence,
  emptyConclusion,
  upgradeConclusion,
  type Claim,
  type Conclusion,
  type FirstClaim,
} from './claim'
export { checkClaim, type ClaimCheck } from './checkClaim'
export type { ClaimFit } from './checkParts'
export { judgeClaim, type ClaimGrounds } from './judgeClaim'
export { suggestClaim } from './suggestClaim'
export {
  claimEffects,
  claimScopes,
  effectKey,
  firstClaim,
  scopeKey,
  type ClaimChoice,
  type ClaimEffect,
} from './claimChoices'
export { numberAsked, numberLevels, numberQuestion, predictedOf, type NumberAsked } from './numberAsked'
export { predictedNumbers, type PredictedNumber } from './predictedNumbers'
export { predictorSeats, type PredictorSeat } from './predictors'
export { comparePrediction } from './comparePrediction'
export type { PredictionOutcome } from './outcome'
export { fitReasons } from './fitReasons'
export { foretoldBy, isForetold } from './foretold'
export { predictionsMet } from './predictionsMet'
export {
  levelsNamed,
  orderSaid,
  predictionFormat,
  predictionFormatsFor,
  predictionWords,
  type Prediction,
  type PredictionAnswer,
} from './prediction'
export {
  isSameQuestion,
  sideNamed,
  sideQuestions,
  type SidePrediction,
  type SideQuestion,
} from './sidePredictions'
export { neighboursRight, type NeighboursRight } from './neighboursRight'
export { isAtStep, laterSteps, predictionSteps, stepSaid } from './predictionSteps'
