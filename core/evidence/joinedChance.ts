import { clearAt, type CarriedBy } from './verdict'

/** The chance of a result this strong if the change did nothing, by groups and tries together. */
export interface JoinedChance {
  /** Two-sided. */
  p: number
  /** The groups wherever they show it by themselves, else whichever shows more. */
  carriedBy: CarriedBy
}

/**
 * Joins the chance of the groups' results with that of their tries. Groups can agree only as strongly as there are
 * groups; tries speak too, but know nothing of a set-up that was wrong for a whole level, so they get a quarter
 * of the 5% and the groups the rest (Bonferroni with weights). With one try each only the groups speak; a group
 * alone has only its tries, and since nobody can tell its set-ups from the levels, they are never clear.
 *
 * @param ofGroups two-sided chance with groups as blocks
 * @param ofTries two-sided chance with tries compared inside each group
 * @param groups how many groups compare anything
 * @param replicated whether any cell has a second try
 * @example joinedChance({ ofGroups: 0.5, ofTries: 0.015, groups: 2, replicated: true }) // { p: 0.06, carriedBy: 'tries' }
 */
export function joinedChance({
  ofGroups,
  ofTries,
  groups,
  replicated,
}: {
  ofGroups: number
  ofTries: number
  groups: number
  replicated: boolean
}): JoinedChance {
  const tries = Math.min(1, triesWeight * ofTries)
  if (groups === 1) return { p: Math.max(tries, neverClear), carriedBy: 'tries' }
  if (!replicated) return { p: ofGroups, carriedBy: 'groups' }
  const joined = Math.min(1, groupsWeight * ofGroups)
  return { p: Math.min(tries, joined), carriedBy: joined <= clearAt || joined <= tries ? 'groups' : 'tries' }
}

/** The smallest chance of what may lean one way, but is not clear whatever the tries say. */
export const neverClear = clearAt + 1e-4

/** What the chances are multiplied by: 1 / their share of the 5%. */
export const triesWeight = 4
export const groupsWeight = 4 / 3
