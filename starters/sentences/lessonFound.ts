import { itemAt, defined } from '#core/defined'
import { weighEvidence, type Evidence, type Score } from '#core/evidence'
import { orderedLevels, type Plan } from '#core/plan'
import { comparesSides, scoredPlan, weighLesson } from '#core/comparison'
import { comparisonOf, isInRounds, readWithOf, wayOf } from '#core/recording'
import { entry } from '#core/testing/exampleEntries'
import type { OwnWords } from './said'

const groups = ['leaf', 'bell', 'key', 'fish', 'moon', 'anchor']

/** Neither tries nor groups are quite alike, in a pattern that has nothing to do with the levels. */
const off = (group: number, index: number, level: number) => (((group * 2 + index * 3 + level) % 5) - 2) * 0.5

/** The plan of what a class speaks of, and the evidence of what it found. */
export function lessonFound(own: OwnWords): { plan: Plan; evidence: Evidence } {
  return comparesSides(own.starter.plan) ? sidesFound(own) : levelsFound(own)
}

function levelsFound({ starter, found, wobble }: OwnWords): { plan: Plan; evidence: Evidence } {
  const plan = scoredPlan(starter.plan)
  const tries = wobble === 0 ? 1 : plan.tries
  const scores = groups.flatMap((groupId, group) =>
    orderedLevels(plan).flatMap(({ id: levelId }, level) =>
      Array.from({ length: tries }, (_, index): Score => {
        const value = itemAt(found, level)
        const one = { id: `${group}|${level}|${index}`, groupId, levelId, tryNumber: index + 1 }
        return value === null
          ? { ...one, value: Infinity, short: 1 }
          : { ...one, value: value + wobble * off(group, index, level) }
      }),
    ),
  )
  const way = wayOf(starter.plan)
  const comparison = comparisonOf({ ...plan, tries }, groups, way.readingsPerScore(starter.plan, []), {
    sideBySide: way.needs(starter.plan.recording).sideBySide,
    inRounds: isInRounds(starter.plan),
  })
  return { plan, evidence: weighEvidence(comparison, scores) }
}

/** What is read of one thing at its sides, when each level comes to what was found. */
function sidesFound({ starter: { plan, expected }, found, wobble }: OwnWords): {
  plan: Plan
  evidence: Evidence
} {
  const entries = groups.flatMap((groupId, group) =>
    orderedLevels(plan).flatMap(({ id: levelId }, level) =>
      Array.from({ length: plan.tries }, (_, index) => index).flatMap((index) => {
        let read = 0
        const row = defined(expected.row)(
          levelId,
          defined(found[level]),
          () => wobble * off(group, index, level + read++),
        )
        return Object.entries(row).map(([moment, value]) =>
          entry({
            ...{ groupId, levelId, tryNumber: index + 1, moment, value: Math.round(value) },
            readWith: readWithOf(plan, moment),
          }),
        )
      }),
    ),
  )
  return { plan: scoredPlan(plan, entries), evidence: weighLesson(plan, entries, groups) }
}
