import type { EmblemId } from '../class'
import type { Plan } from '../plan'

/** The sign of a class that tests together: no group's emblem. */
export type Sign = EmblemId | 'class'

/** Who makes readings: a group, or the class as one. */
export interface Tester {
  id: string
  name: string
  emblem: Sign
}

/** What the class is called where it tests as one. */
export const classTester = 'The class'

/**
 * Whether it is done once, for all to see.
 * @example isDoneForAll({ whoTests: 'whole-class' }) // true
 */
export const isDoneForAll = ({ whoTests }: Pick<Plan, 'whoTests'>): boolean => whoTests === 'whole-class'

/**
 * Who makes readings in a lesson: its groups, or the class as one, whose readings stand in the place of its first group's. A group that has
 * readings of its own from before the plan was changed stays in sight.
 * @param recorded ids of the groups that have any
 * @example testersOf({ whoTests: 'whole-class' }, [{ id: 'a', name: 'Leaf', emblem: 'leaf' }, { id: 'b', name: 'Bell', emblem: 'bell' }]) // [{ id: 'a', name: 'The class', emblem: 'class' }]
 */
export function testersOf(
  plan: Pick<Plan, 'whoTests'>,
  groups: readonly Tester[],
  recorded: ReadonlySet<string> = new Set(),
): Tester[] {
  const [first, ...others] = groups
  if (!isDoneForAll(plan) || !first) return [...groups]
  return [{ ...first, name: classTester, emblem: 'class' }, ...others.filter(({ id }) => recorded.has(id))]
}
