import type { Plan } from '../plan'

/** One who predicts: a group, one of its children without a name, or the class under its first group. */
export interface PredictorSeat {
  groupId: string
  /** 0 for the group or the class, 1 and up for its children. */
  seat: number
}

/** How many children sit in a group when nobody has counted them. */
const usualGroup = 4

/**
 * Everybody who predicts, in the order of the groups. Children are taken to be shared out evenly over the
 * groups, since seats carry no names.
 * @param children of the class; 0 when they have not been listed
 * @example predictorSeats(plan, ['a', 'b'], 0).length // 2 when groups predict, 8 when every child does
 */
export function predictorSeats(
  { prediction }: Pick<Plan, 'prediction'>,
  groupIds: readonly string[],
  children: number,
): PredictorSeat[] {
  if (prediction.who === 'class') return groupIds.slice(0, 1).map((groupId) => ({ groupId, seat: 0 }))
  if (prediction.who === 'group') return groupIds.map((groupId) => ({ groupId, seat: 0 }))
  const each = children === 0 ? usualGroup : Math.max(1, Math.ceil(children / groupIds.length))
  return groupIds.flatMap((groupId) =>
    Array.from({ length: each }, (_, index) => ({ groupId, seat: index + 1 })),
  )
}
