import type { HazardId } from '../../catalogue'

/**
 * A plan as a teacher types it, in a hurry and in their own words. `danger` must be shown; `fits` may be; any
 * other caution does not apply.
 */
export interface Typed {
  changed: string
  levels: string[]
  measured: string
  materials: string[]
  steps?: string[]
  same?: Record<string, string>
  danger: HazardId[]
  fits: HazardId[]
}
