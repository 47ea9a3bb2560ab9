export { checkFair, type FairCheck } from './checkFair'
export { asksForBest } from './measuredFindings'
export type { FairContext, Finding } from './finding'
export { leavesToGroups } from './keptSameFindings'
