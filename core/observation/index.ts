export {
  observationKinds,
  observationLimits,
  observationsAt,
  standingObservations,
  withObservation,
  type Observation,
  type ObservationKind,
  type ObservedPlace,
} from './observation'
