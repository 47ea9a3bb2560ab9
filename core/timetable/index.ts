export type { Activity, ActivityKind, PlacedActivity, Schedule } from './activity'
export {
  buildMinutes,
  classMinutes,
  lookSeconds,
  handsPace,
  secondsFor,
  trySeconds,
  type ClassMinutes,
  type Hands,
  type TimesContext,
  type TrySeconds,
} from './usualTimes'
export { adultsOf, waitsForAdult } from './adults'
export { canHold, holdOf } from './holding'
export { groupActivities } from './groupActivities'
export { lowerBound } from './lowerBound'
export { schedule } from './schedule'
export { stationTurns } from './stationTurns'
export { nextStart, readsOverlap, stagger, type Staggered, type StartOffsets } from './stagger'
export { testingOf, type FitsContext, type Start, type Testing } from './testingOf'
export { canGoOn, testingMinutes, testingParts } from './parts'
export { bindingOf, type Binding } from './binding'
export { clockSteps, lessonSteps, stationsOf, type LessonStep, type StepKind } from './lessonSteps'
export { checkFits, type FitsCheck } from './checkFits'
export { findWaysToFit, rankWaysToFit, waysToFit, type WayToFit } from './fitting/waysToFit'
export { noWayToFit } from './fitting/noWayToFit'
export { keepingTheAnswer, type WeighedWay } from './fitting/keepingTheAnswer'
export { minutesWords } from './minutesWords'
export {
  clockAfter,
  stepEnd,
  wasLeft,
  type ClassClock,
  type ClockAct,
  type ClockEnd,
  type StepTaken,
} from './clock/classClock'
export { clockNow, testingSince, type ClockNow } from './clock/clockNow'
export { clockLog, type ClockLog, type StepLog, type Taken } from './clock/clockLog'
export { lateReadings, type Lateness } from './clock/lateReadings'
export { measuredTimes } from './clock/measuredTimes'
export { duesOf, type Due, type DuesContext } from './clock/dues'
export {
  countRoles,
  roleDoes,
  roles,
  rolesOf,
  turnRoles,
  type Role,
  type RoleCounts,
  type TryRoles,
} from './roles/roles'
export { turnAt, turnsIn, turnsTaken } from './roles/turns'
export { membersOf, type Member } from './roles/members'
export { volunteerGroup, volunteerTurns } from './roles/volunteers'
export { paces, paceWords } from './paceWords'
