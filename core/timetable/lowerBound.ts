import { firstOf, itemAt, lastOf } from '../defined'
import type { Activity } from './activity'

/**
 * How long testing takes at the least, in seconds, whatever the order: as long as the group with the most to do if it never waited, and
 * as long as a shared thing is in use, divided among all there are of it, between the first that can need it and the last clearing away.
 *
 * @param owned how many there are of each shared thing; of what is not named there are enough
 * @example lowerBound(groupActivities(plan, { age: '7-9', groups: 2, lessonMinutes: 45 }), new Map([['metre stick', 1]])) // 530
 */
export function lowerBound(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
): number {
  const alone = Math.max(0, ...groups.map((acts) => aloneSeconds(acts)))
  const queues = [...owned].map(([thing, howMany]) => queueSeconds(groups, thing, howMany))
  return Math.max(alone, ...queues)
}

/** When each act of a group ends at the earliest, were it alone. */
export function earliestEnds(acts: readonly Activity[]): number[] {
  const ends: number[] = []
  for (const [index, { seconds, after }] of acts.entries()) {
    const ready = Math.max(ends[index - 1] ?? 0, after ? itemAt(ends, after.act) + after.seconds : 0)
    ends.push(ready + seconds)
  }
  return ends
}

/** How long it takes from the beginning of each act of a group to the end of its last, at the least. */
export function tails(acts: readonly Activity[]): number[] {
  const tail = new Array<number>(acts.length).fill(0)
  /** What must still follow each act, through the waiting of others for it. */
  const behind = new Array<number>(acts.length).fill(0)
  for (let index = acts.length - 1; index >= 0; index--) {
    const { seconds, after } = itemAt(acts, index)
    tail[index] = seconds + Math.max(itemAt(behind, index), tail[index + 1] ?? 0)
    if (after) behind[after.act] = Math.max(itemAt(behind, after.act), after.seconds + itemAt(tail, index))
  }
  return tail
}

const aloneSeconds = (acts: readonly Activity[]) => earliestEnds(acts).at(-1) ?? 0

function queueSeconds(groups: readonly (readonly Activity[])[], thing: string, howMany: number): number {
  const uses = groups.flatMap((acts) => {
    const own = acts.flatMap((act, index) => (act.uses.includes(thing) ? [index] : []))
    if (own.length === 0) return []
    const [ends, tail] = [earliestEnds(acts), tails(acts)]
    return {
      seconds: own.reduce((sum, index) => sum + itemAt(acts, index).seconds, 0),
      before: itemAt(ends, firstOf(own)) - itemAt(acts, firstOf(own)).seconds,
      behind: itemAt(tail, lastOf(own)) - itemAt(acts, lastOf(own)).seconds,
    }
  })
  if (uses.length === 0) return 0
  const total = uses.reduce((sum, use) => sum + use.seconds, 0)
  // Each copy begins with some group's first use and ends with some group's last: with as many groups as copies, the soonest ones.
  const soonest = (of: 'before' | 'behind') => Math.min(...uses.map((use) => use[of]))
  return Math.ceil(soonest('before') + total / howMany + soonest('behind'))
}
