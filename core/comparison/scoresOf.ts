import type { Score } from '../evidence'
import type { Plan } from '../plan'
import type { Entry } from '../entries'
import { wayOf } from '../recording'
import { sideScores } from './sideScores'
import { sidesOf } from './sidesOf'

/**
 * The scores of a lesson: what its way of recording makes of the entries that stand and count, or what stands at each of its sides.
 * @example scoresOf(plan, standingOf(entries).counted)[0] // { id: 'r1', groupId: 'leaf', levelId: 'h20', tryNumber: 1, value: 11 }
 */
export function scoresOf(plan: Plan, counted: readonly Entry[]): Score[] {
  const sides = sidesOf(plan)
  return sides ? sideScores(plan, sides, counted) : wayOf(plan).scores(plan, counted)
}
