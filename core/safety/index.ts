export { cautionsFor, safetyComesFirst, type Caution } from './cautions'
export {
  checkSafe,
  stillConfirmed,
  type AllergyFlag,
  type OwnCaution,
  type SafeCheck,
  type SafeContext,
} from './checkSafe'
export { matchPlan, type HazardSource, type PlanMatch } from './matchPlan'
