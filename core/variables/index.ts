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
export { changesNothing, hasPair } from './hasPair'
