import { defined } from '../defined'
import { levelName, levelsForGroup, orderedLevels, testingGroups, type Plan } from '../plan'

/** How containers are labelled: by their level, or by a letter or number that does not give it away. */
export type LabelStyle = 'levels' | 'letters' | 'numbers'

/** One label for one container of one group. */
export interface ContainerLabel {
  /** The group's index in the class. */
  groupIndex: number
  levelId: string
  text: string
}

/**
 * A label for every container of every group, and the key to letters or numbers for the teacher: the same sign for
 * a level in every group.
 * @example containerLabels(plan, 6, 'letters').labels[0].text // 'A'
 */
export function containerLabels(
  plan: Plan,
  groups: number,
  style: LabelStyle,
): { labels: ContainerLabel[]; key: { text: string; level: string }[] } {
  const levels = orderedLevels(plan)
  const sign = (index: number, name: string) =>
    style === 'levels' ? name : style === 'letters' ? String.fromCharCode(65 + index) : String(index + 1)
  const labels = new Map(levels.map((level, index) => [level.id, sign(index, levelName(plan, level))]))
  return {
    labels: testingGroups(plan, groups).flatMap((groupIndex) =>
      levels
        .filter((level) => levelsForGroup(plan, groupIndex).some((one) => one.id === level.id))
        .map((level) => ({ groupIndex, levelId: level.id, text: defined(labels.get(level.id)) })),
    ),
    key:
      style === 'levels'
        ? []
        : levels.map((level) => ({ text: defined(labels.get(level.id)), level: levelName(plan, level) })),
  }
}
