export { checkKitted, isAlwaysThere, type KitCheck, type KitFinding, type KitState } from './checkKitted'
export { countBack, usedBefore, type CountedLine, type LineCount } from './counting'
export { cutPlan, type CutPlan } from './cutting/cutPlan'
export { guillotine, type CutPiece } from './cutting/guillotine'
export { sticksFor } from './cutting/lengths'
export { rowsAndColumns, type Size } from './cutting/rowsAndColumns'
export { derivedKit, isDoneNotBrought, isInstrumentLine } from './derivedKit'
export { withKitLine, withoutKitLine } from './editLines'
export { groupJobs, type GroupJob } from './groupJobs'
export { kitAmounts, kitMaterials, type KitClass, type KitLine } from './kitAmounts'
export { kitUnit, type KitUnit } from './kitUnit'
export { measurable } from './measurable'
export { containerLabels, type ContainerLabel, type LabelStyle } from './labels'
export { madeReady, needsOf, type MadeReady, type Need, type NeedsClass } from './needs'
export { planTasks, tasksFor, understandTask, type PlannedTask, type PreparingTask } from './preparing/tasks'
export { rotation, type Turnable } from './rotation'
export { brings, isSameName, supplyKey } from './sameThing'
export { dilute, mix, type DilutionSeries, type Mixture } from './solution'
export { availability, combinedNeeds, type Availability, type Reservation } from './stock/reservations'
export { shoppingList, totalCost, type Offer, type ShoppingLine } from './stock/shopping'
export { shortRemedies } from './stock/shortRemedies'
export { substituteNames, substituteCircle, substitutesFor, type Substitute } from './stock/substitutes'
export {
  fromSharedUnit,
  inSharedUnit,
  instrumentSupply,
  supplyFor,
  withInstruments,
  type Supply,
} from './stock/supply'
export { amountOf, amountWords, describeLine, makingWords, ruleWords } from './typed/describeLine'
export { turnsOf, turnWords, type Rotation } from './turns'
export { typeLine } from './typed/typeLine'
export { understandLine, type UnderstoodLine } from './typed/understandLine'
