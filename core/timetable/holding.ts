import { defined, firstOf } from '../defined'
import type { Hold, Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { usesInstrument, wayOf } from '../recording'
import type { Activity, PlacedActivity } from './activity'

/**
 * How long a group keeps what it reads with: while it reads, for a whole try, or for all of its test. What the plan says; else a stick that
 * something bounces or jumps beside stands at the wall for the whole test, and anything else goes on as soon as it is read.
 * @example holdOf(ballBounce) // 'group'
 */
export function holdOf(plan: Plan): Hold {
  if (plan.times.hold) return plan.times.hold
  const { instrument, name } = plan.measured
  const isTaped =
    unitDefinition(instrument.unit).dimension === 'length' &&
    /\b(?:bounc\w*|jump\w*|heights?|rises?)\b/i.test(name)
  return isTaped && canHold(plan) ? 'group' : 'reading'
}

/** Whether an instrument can be kept beyond its reading: where one try follows another, and something is read with. */
export const canHold = (plan: Plan): boolean =>
  usesInstrument(plan) &&
  ['length', 'mass', 'volume', 'temperature', 'force'].includes(
    unitDefinition(plan.measured.instrument.unit).dimension,
  ) &&
  wayOf(plan).readMinutes(plan) === null &&
  !(wayOf(plan).needs(plan.recording).sideBySide && wayOf(plan).layout(plan) !== 'together')

/** Acts that are done in one go, as long as something is held, and what they consist of. */
export interface Pieces {
  acts: Activity[]
  /** For each of them, what it is made of. */
  of: Activity[][]
}

/**
 * The acts of a group with what it reads with held for each try or for all of them, where there is too little of it for all groups.
 * @param isScarce whether there are fewer of it than groups that test
 */
export function withHolding(acts: readonly Activity[], plan: Plan, isScarce: boolean): Pieces {
  const hold = holdOf(plan)
  if (!isScarce || hold === 'reading' || !canHold(plan) || acts.length === 0)
    return { acts: [...acts], of: acts.map((act) => [act]) }
  const tries: Activity[][] = []
  for (const act of acts) {
    const open = tries.at(-1)
    // What is held for a try is free again while the group clears for the next.
    const isSame = open !== undefined && (hold === 'group' || (act.kind !== 'set-up' && act.kind !== 'reset'))
    if (isSame) open.push(act)
    else tries.push([act])
  }
  return {
    acts: tries.map((own) =>
      own.length === 1
        ? firstOf(own)
        : {
            ...firstOf(own),
            kind: 'run',
            seconds: own.reduce((sum, act) => sum + act.seconds, 0),
            uses: [...new Set([...own.flatMap((act) => act.uses), plan.measured.instrument.name])],
          },
    ),
    of: tries,
  }
}

/** Placed pieces as the acts that they consist of, one after another. */
export function unfold(placed: readonly PlacedActivity[], { of }: Pieces): PlacedActivity[] {
  return placed.flatMap((piece, at) => {
    const own = defined(of[at])
    if (own.length === 1) return [piece]
    let end = piece.from
    return own.map((act): PlacedActivity => {
      const from = end
      end += act.seconds
      return { ...act, from, to: end }
    })
  })
}
