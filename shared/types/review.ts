import type { Observation } from '#core/observation'
import type { PredictionDto } from './api'

/** What a group may look at of the one that it visits, beside the readings, which every screen has. */
export interface HostRecordDto {
  /** Null while visits are closed, or where it has nobody to visit. */
  ofGroupId: string | null
  observations: Observation[]
  predictions: PredictionDto[]
}
