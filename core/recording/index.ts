export type { Forgotten } from './forgotten'
export type { WayNeeds } from './wayNeeds'
export type {
  Arithmetic,
  Column,
  Curve,
  CurvePoint,
  Doubt,
  FieldChoice,
  FieldDefinition,
  PaperTable,
  Picture,
  ReadRow,
  RoundSteps,
  Sides,
  Step,
  Tiles,
  Understood,
  Way,
  WayOption,
  Working,
} from './way'
export { readWithOf, usesInstrument, wayOf, ways } from './registry'
export { hasOrder, inRounds, isInRounds, recordingFor, usualFor } from './inRounds'
export { dayOfMoment } from './daysRead'
export { upgradePlan } from './upgradePlan'
export { isWorkedOut, workedShort } from './working'
export { wayNote } from './wayNote'
export { pairsLine, type FollowingPair, type PairsLine } from './pairs/pairsLine'
export { middlesOf } from './rounds/progress'
export { alteredField, alteredLetters } from './rounds/altered'
export { ownLevels } from './ownLevels'
export { readingsAt, readMoments, type ReadingsAt } from './readings'
export { letterAt, letterOf, lettersSaid } from './letters'
export { orderKept, orderTyped, type FinishOrder } from './race/finishOrder'
export { classCurves, curveKey, type ClassPoint } from './series/classCurves'
export { startOf, startedAt } from './series/starts'
export {
  atField,
  dayMoment,
  minuteMoment,
  minutesLimits,
  plannedAt,
  positionOf,
  startMoment,
} from './series/moments'
export { timedReading } from './timedReading'
export { numberOf, valueField } from './numberOf'
export { contextOf } from './contextOf'
export { classRows } from './classRows'
export { setUps, type SetUp } from './setUps'
export { comparisonOf, worthNoticingIn } from './comparisonOf'
export { mostEntries } from './mostEntries'
export { dueToday, groupProgress, levelProgress, type GroupProgress } from './progress'
export { answerTo, type Answer } from './answerTo'
export { validateEntry, checkValue } from './validateEntry'
export { finerMarks, withFinerMarks, type FinerMarks } from './finerMarks'
export type { EntryValidation, EntryContext, EntryHint } from './entryValidation'
export { expectedReading, type ExpectedReading } from './expectedReading'
export { derivedValue, type DerivedValue } from './derivedValue'
export { padBack, padKeys, padMinus, pressPad, type PadKey } from './numberPad'
