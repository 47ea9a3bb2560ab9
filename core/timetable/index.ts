export type { Act, ActKind, PlacedAct, Schedule } from './act'
export {
  classMinutes,
  lookSeconds,
  trySeconds,
  type ClassMinutes,
  type TimesContext,
  type TrySeconds,
} from './usualTimes'
export { groupActs } from './groupActs'
export { lowerBound } from './lowerBound'
export { schedule } from './schedule'
export { stationTurns } from './stationTurns'
export { readsOverlap, stagger, type Staggered, type StartOffsets } from './stagger'
export { testingOf, type FitsContext, type Start, type Testing } from './testing'
export { canGoOn, testingMinutes, testingParts } from './parts'
export { bindingOf, type Binding } from './binding'
export { lessonSteps, stationsOf, type LessonStep, type StepKind } from './lessonSteps'
export { checkFits, type FitsCheck } from './checkFits'
export { waysToFit, type WayToFit } from './waysToFit'
export { minutesWords } from './minutesWords'
