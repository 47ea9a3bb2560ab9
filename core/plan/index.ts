export * from './plan'
export * from './material'
export * from './recording'
export * from './times'
export { forChildren, noBackground, type Background, type ScienceWord } from './background'
export { instrumentsRead } from './instrumentsRead'
export type { ResultScale } from './resultScale'
export { printResult, printSaid } from './printResult'
export { blankPlan } from './blankPlan'
export {
  defaultsForAge,
  paceLimits,
  paceOf,
  papers,
  unitSystems,
  usualPace,
  usualWays,
  workOutOf,
  type AgeDefaults,
  type Paper,
  type SchoolWays,
  type UnitSystem,
} from './schoolWays'
export { levelName, orderedLevels } from './levelName'
export { levelsForGroup, testingGroups } from './allocation'
export { newId } from './newId'
export { levelsFromText, levelsText, type TypedLevels } from './levelsFromText'
export { suggestLevel } from './suggestLevel'
export {
  hasOneSetting,
  looksAtVariation,
  triesForVariation,
  withLevelsCompared,
  withVariation,
} from './variation'
export { levelStep, moveLevel } from './levelStep'
export { guessChanged, guessUnit } from './guessFromName'
export { newLevel, withEvenLevels, withLevel, withLevelAdded, withLevelKind, withoutLevel } from './levels'
export { fittingPrediction } from './fittingPrediction'
export { expectedValues } from './expectedValues'
export { evenLevels, rangeOf } from './evenLevels'
export { waysToKeep } from './waysToKeep'
export { remedy, type Remedy } from './remedy'
