export { rehearse, noRehearsal, type ClassOutcome, type ExampleClass, type Rehearsal } from './rehearse'
export {
  classAssumptions,
  expectedValues,
  virtualClass,
  type Random,
  type VirtualClass,
} from './virtualClass'
export { neighbourPlans, testingMinutes, type NeighbourPlan } from './neighbours'
export { showsCheck, type ShowsCheck } from './showsCheck'
