export { cautionsFor, safetyComesFirst, type Caution } from './cautions'
export {
  checkSafe,
  stillConfirmed,
  type AllergyFlag,
  type OwnCaution,
  type SafeCheck,
  type SafeContext,
} from './checkSafe'
export type { HazardSource } from './hazardSource'
export { matchPlan, type PlanMatch } from './matchPlan'
