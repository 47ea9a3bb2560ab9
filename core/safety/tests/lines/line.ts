import type { HazardId } from '../../../catalogue'

/** A hazard, and lines that bring it. */
export type LineGroup = [HazardId, ...string[]]
