export { aimOf, withAim, withRounds, type Aim } from './aim'
export {
  addIdea,
  guessFromNames,
  moveCard,
  namedMeasured,
  pickedCards,
  removeCard,
  renameCard,
  variableCards,
  type Card,
  type CardPlace,
} from './cards'
export { withSuggestedNames } from './suggestNames'
export { changesNothing, hasPair } from './hasPair'
export { nextPlan } from './nextPlan'
