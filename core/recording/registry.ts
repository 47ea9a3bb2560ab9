import type { Plan, RecordingKind } from '../plan'
import type { ReadWith } from '../entries'
import { beforeAfter } from './beforeAfter'
import { count } from './count'
import { measure } from './measure'
import { pairs } from './pairs'
import { partsWhole } from './partsWhole'
import { race } from './race'
import { instrumentNow } from './readWith'
import { rounds } from './rounds'
import { daily, intervals } from './series'
import { wordScale } from './wordScale'
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

/**
 * Whether anything is read off an instrument; a race, pairs and words need eyes alone.
 * @example usesInstrument(plan) // true for a plan that measures once
 */
export function usesInstrument(plan: Plan): boolean {
  return wayOf(plan).needs(plan.recording).instruments > 0
}

/**
 * What an entry of a moment is read with by a plan as it is now, kept with the entry; null where nothing is read off an instrument.
 * @example readWithOf(plan) // { instrument: 'metre stick', unit: 'cm', mark: 1 }
 */
export function readWithOf(plan: Plan, moment = ''): ReadWith | null {
  return usesInstrument(plan) ? instrumentNow(wayOf(plan).planAt(plan, moment)) : null
}
