export { cautionsFor, safetyComesFirst, type Caution } from './cautions'
export { hazardIds, hazards, type Handling, type HazardId } from './hazards'
