import { orderedLevels } from './levelName'
import type { Level, Plan } from './plan'

/**
 * The places, among so many groups, of those that test: all, or the first alone where one acts for the class.
 * @example testingGroups({ whoTests: 'whole-class' }, 6) // [0]
 */
export function testingGroups({ whoTests }: Pick<Plan, 'whoTests'>, groups: number): number[] {
  return Array.from(
    { length: whoTests === 'whole-class' ? Math.min(groups, 1) : groups },
    (_, groupIndex) => groupIndex,
  )
}

/**
 * The levels that one group tests, in the order in which it tests them.
 *
 * - every group all levels: all of them;
 * - levels shared out: half of them, rounded up, at least two, starting one further on for each group, so
 *   that neighbouring groups overlap and can be compared;
 * - whole class: all of them, the first group acting for the class, and none for the others;
 * - stations: all of them, each group beginning one station further on; where there are more groups than stations the
 *   others wait first (`core/timetable/stationTurns.ts`), so that no two groups meet;
 * - at home: all of them.
 *
 * When each group has its own order the levels are rotated by the group's groupIndex and every second group goes
 * backwards, so that wear, warming or tiredness does not always meet the same level.
 *
 * @param groupIndex the group's groupIndex in the class, from 0
 * @example levelsForGroup(plan, 1).map((level) => level.value) // [20, 60, 40]: each group in an order of its own
 */
export function levelsForGroup(
  plan: Pick<Plan, 'changed' | 'levels' | 'whoTests' | 'levelOrder'>,
  groupIndex: number,
): Level[] {
  const levels = orderedLevels(plan)
  if (levels.length === 0 || !testingGroups(plan, groupIndex + 1).includes(groupIndex)) return []
  // Where there are more groups than stations, those that wait first begin with the first station.
  if (plan.whoTests === 'stations') return rotate(levels, groupIndex < levels.length ? groupIndex : 0)
  const own = plan.whoTests === 'shared-levels' ? share(levels, groupIndex) : levels
  if (plan.levelOrder === 'same') return own
  const turned = rotate(own, Math.ceil(groupIndex / 2))
  return groupIndex % 2 === 1 ? turned.reverse() : turned
}

function share(levels: Level[], groupIndex: number): Level[] {
  const count = Math.min(levels.length, Math.max(2, Math.ceil(levels.length / 2)))
  const chosen = new Set(rotate(levels, groupIndex).slice(0, count))
  return levels.filter((level) => chosen.has(level))
}

function rotate<T>(items: T[], by: number): T[] {
  const start = by % items.length
  return [...items.slice(start), ...items.slice(0, start)]
}
