import { itemAt } from '../defined'
import { levelsForGroup, type Material, type Plan } from '../plan'

/**
 * How many times a group needs the amount of one line.
 *
 * Used-up things are needed anew for everything that the rule names: "level x try" with 5 levels, 3 tries and
 * 1 practice is 5 x 3 + 1. Reused things are needed once for each simultaneous user: a group works on one try
 * at a time, so "try" and "level x try" count once, while "level" counts once for each level, since the
 * levels stand ready. A line that belongs to one level counts only where the group tests that level; the
 * practice is done with the group's first. "Child-try" is "level x try" for each child. "Value" counts as often as the level's number says: all of them
 * where it is used up, the largest where it is used again.
 *
 * @param place the group's place in the class, from 0
 * @param children how many children the group has
 * @example timesNeeded({ per: 'level-try', use: 'used-up', level: null }, plan, 0, 4) // 10: nine tries and one for practice
 */
export function timesNeeded(
  { per, use, level }: Pick<Material, 'per' | 'use' | 'level'>,
  plan: Plan,
  groupIndex: number,
  children: number,
): number {
  const all = levelsForGroup(plan, groupIndex)
  const levels = level === null ? all : all.filter((one) => one.id === level)
  if (level !== null && levels.length === 0) return 0
  const practice = level === null || all[0]?.id === level ? plan.practiceTries : 0
  switch (per) {
    case 'class':
    case 'turns':
      return 0
    case 'group':
      return 1
    case 'child':
      return children
    case 'level':
      return levels.length
    case 'try':
      return use === 'reused' ? 1 : plan.tries + practice
    case 'level-try':
      return use === 'reused' ? Math.min(1, levels.length) : levels.length * plan.tries + practice
    case 'child-try':
      return (
        children * (use === 'reused' ? Math.min(1, levels.length) : levels.length * plan.tries + practice)
      )
    case 'value': {
      const values = levels.map((one) => Math.max(0, one.value ?? 0))
      return use === 'reused' ? Math.max(0, ...values) : values.reduce((sum, value) => sum + value, 0)
    }
  }
}

/** Who the trays are for. */
export interface TrayChildren {
  groups: number
  children: number
  /** How many each group has, in the order of the groups; shared out evenly where nobody says. */
  byGroup?: readonly number[]
}

/**
 * How many children a tray is for: those of its group; where the whole class has one tray, or nobody says who is in which group, all
 * children shared out as evenly as possible, the first trays taking the rest.
 * @param trays how many groups have a tray
 * @param place which group, from 0
 * @example childrenOnTray({ groups: 5, children: 23 }, 5, 3) // 4
 * @example childrenOnTray({ groups: 2, children: 5, byGroup: [2, 3] }, 2, 0) // 2
 */
export function childrenOnTray(
  { groups, children, byGroup }: TrayChildren,
  trays: number,
  place: number,
): number {
  if (byGroup?.length === groups && trays === groups) return itemAt(byGroup, place)
  return trays === 0 ? 0 : Math.floor(children / trays) + (place < children % trays ? 1 : 0)
}
