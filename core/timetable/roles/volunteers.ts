/**
 * The group, by its place, that a volunteer of the whole class comes from: each in turn.
 * @example volunteerGroup(7, 6) // 1
 */
export const volunteerGroup = (turn: number, groups: number): number => (groups < 1 ? 0 : turn % groups)

/**
 * How many of so many turns fall to one group.
 * @example volunteerTurns(8, 6, 1) // 2
 */
export const volunteerTurns = (turns: number, groups: number, groupIndex: number): number =>
  groups < 1 ? 0 : Math.floor(turns / groups) + (groupIndex < turns % groups ? 1 : 0)
