import type { Plan, RecordingKind } from '../plan'
import { beforeAfter } from './beforeAfter'
import { pairs, race, rounds, wordScale } from './byHand'
import { count } from './count'
import { measure } from './measure'
import { partsWhole } from './partsWhole'
import { daily, intervals } from './series'
import type { Way } from './way'

const registry: Record<RecordingKind, Way> = {
  measure,
  count,
  'before-after': beforeAfter,
  'parts-whole': partsWhole,
  intervals,
  daily,
  'word-scale': wordScale,
  race,
  pairs,
  rounds,
}

/** Every way of recording, in the order a list offers them. */
export const ways: readonly Way[] = Object.values(registry)

/**
 * The way in which a plan records.
 * @example wayOf(plan).name // 'measure once'
 */
export function wayOf({ recording }: Pick<Plan, 'recording'>): Way {
  return registry[recording.kind]
}
