import type { Score } from '../evidence'
import { slotStates, type Reading } from '../record'

/**
 * The scores of a lesson: the value of each counted reading that stands, whatever came before it in its slot.
 * @param readings every reading ever made
 * @example scoresOf(readings)[0] // { id: 'r1', groupId: 'leaf', levelId: 'h20', tryNumber: 1, value: 13 }
 */
export function scoresOf(readings: readonly Reading[]): Score[] {
  return [...slotStates(readings).values()].flatMap(({ counted }) => {
    if (!counted || counted.value === null) return []
    const { id, groupId, levelId, tryNumber, value } = counted
    return [{ id, groupId, levelId, tryNumber, value }]
  })
}
