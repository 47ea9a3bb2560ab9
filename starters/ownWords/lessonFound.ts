import { weighEvidence, type Evidence, type Score } from '#core/evidence'
import { orderedLevels, type Plan } from '#core/plan'
import { scoredPlan } from '#core/comparison'
import { comparisonOf, isInRounds, wayOf } from '#core/recording'
import type { OwnWords } from './said'

const groups = ['leaf', 'bell', 'key', 'fish', 'moon', 'anchor']

/** The plan of what a class speaks of, and the evidence of what it found. */
export function lessonFound({ starter, found, wobble }: OwnWords): { plan: Plan; evidence: Evidence } {
  const plan = scoredPlan(starter.plan)
  const tries = wobble === 0 ? 1 : plan.tries
  const scores = groups.flatMap((groupId, group) =>
    orderedLevels(plan).flatMap(({ id: levelId }, level) =>
      Array.from({ length: tries }, (_, index): Score => {
        const value = found[level]!
        // Neither tries nor groups are quite alike, in a pattern that has nothing to do with the levels.
        const off = wobble * (((group * 2 + index * 3 + level) % 5) - 2) * 0.5
        const one = { id: `${group}|${level}|${index}`, groupId, levelId, tryNumber: index + 1 }
        return value === null ? { ...one, value: Infinity, short: 1 } : { ...one, value: value + off }
      }),
    ),
  )
  const way = wayOf(starter.plan)
  const comparison = comparisonOf({ ...plan, tries }, groups, way.readingsPerScore(starter.plan), {
    sideBySide: way.needs(starter.plan.recording).sideBySide,
    inRounds: isInRounds(starter.plan),
  })
  return { plan, evidence: weighEvidence(comparison, scores) }
}
