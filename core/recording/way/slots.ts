import type { Entry, Slot } from '../../entries'
import type { Plan } from '../../plan'

/** Which slots a group fills, when, and what belongs together. */
export interface WaySlots {
  /** The plan as it is read at a moment: with the instrument of the quantity that is read then. */
  planAt: (plan: Plan, moment: string) => Plan
  /** The plan as each of its quantities is read, first the one that is compared. */
  quantities: (plan: Plan) => Plan[]
  /** Every slot that a group has to fill, in working order; none in a whole-class test but for its first group. */
  slots: (plan: Plan, groupId: string, groupIndex: number) => Slot[]
  /**
   * The slots that a group is asked to fill, in working order, where that depends on what it has found so far: with pairs, which one
   * comes next. The first open one is next; those after it may still change. Null where every slot is asked for.
   */
  askedSlots: ((plan: Plan, groupId: string, groupIndex: number, counted: readonly Entry[]) => Slot[]) | null
  /** The slot that is meant, where it may be named in more than one way: B against A is A against B. */
  canonicalSlot: (plan: Plan, slot: Slot) => Slot
  /** The levels that a slot of a group tells of. */
  levelsOfSlot: (plan: Plan, slot: Slot, groupIndex: number) => string[]
  /** The levels that an entry tells of, which must stay while it counts. */
  levelsOfEntry: (entry: Pick<Entry, 'levelId' | 'moment' | 'fields'>) => string[]
  /** Whether an entry belongs to the row of a slot, which it is checked against. */
  isInRow: (slot: Slot, entry: Entry) => boolean
  /**
   * The moments that are read today, of a lesson on these school days; null where anything may be read at any time.
   */
  momentsDue: (plan: Plan, days: readonly string[], today: string) => string[] | null
  /** Moments that may hold something without being asked for, such as the start. */
  optionalMoments: (plan: Plan) => string[]
  /**
   * What else is spoilt by what went wrong at a slot, of the entries that count: where one thing is read before and after, it has to be
   * started again.
   */
  alsoSpoilt: (plan: Plan, counted: readonly Entry[], slot: Slot) => Entry[]
  /** The minutes after its start at which each container is read; null where time does not say. */
  readMinutes: (plan: Plan) => number[] | null
  /** Whether something happens in a try before it is read at a moment: the ball falls, the water soaks in. */
  runsBefore: (plan: Plan, moment: string) => boolean
}
