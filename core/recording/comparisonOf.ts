import { itemAt } from '../defined'
import type { Comparison, ScoreScale, WorthNoticing } from '../evidence'
import { resolutionOf, smallestDifference } from '../instrument'
import { levelsForGroup, orderedLevels, testingGroups, type Plan } from '../plan'
import { convertUnit, unitDefinition } from '../quantity'

/**
 * What a plan compares, as evidence needs to know it.
 * @param groupIds the groups of the class, in order; without them nobody knows how much is still to come
 * @param readings how many readings enter one score: two where it is a change
 * @param way what of the way of recording matters: whether all levels are tried at once, and whether they are rounds; whether
 * somebody has said that testing is over; and what was predicted before testing
 * @example comparisonOf(plan, ['a', 'b']).ordered // true for drop heights
 */
export function comparisonOf(
  plan: Plan,
  groupIds: readonly string[] = [],
  readings = 1,
  {
    sideBySide,
    inRounds,
    finished = false,
    foretold = [],
  }: { sideBySide: boolean; inRounds: boolean; finished?: boolean; foretold?: Comparison['foretold'] } = {
    sideBySide: false,
    inRounds: false,
  },
): Comparison {
  const { mark, error } = resolutionOf(plan)
  return {
    scale: scaleOf(plan),
    levels: orderedLevels(plan),
    ordered: plan.changed.kind === 'number' || inRounds,
    inRounds,
    best: plan.best ?? 'most',
    hasNought: hasNought(plan),
    tries: plan.tries,
    finished,
    chosenFrom: 1,
    foretold,
    inHeats: ['place', 'rank'].includes(plan.measured.scale?.kind ?? ''),
    summary: plan.summary,
    worth: worthNoticingIn(plan, readings),
    sameOrder: plan.levelOrder === 'same' && !['stations', 'at-home'].includes(plan.whoTests) && !sideBySide,
    meant: groupsMeant(plan, groupIds),
    mark,
    error: error * Math.sqrt(readings),
  }
}

/**
 * What counts as a difference worth noticing in a plan: what two readings can show, and half of the difference that was
 * expected; with nothing expected a tenth of the middle result, one degree Celsius for temperatures, one for counts.
 * @example worthNoticingIn(plan) // { least: 1, share: 0.1 } for a length read in centimetres
 */
export function worthNoticingIn(plan: Plan, readings = 1): WorthNoticing {
  const { unit } = plan.measured
  const readable = smallestDifference(plan, 2 * readings)
  const { dimension } = unitDefinition(unit)
  if (plan.expected)
    return { least: Math.max(readable, Math.abs(plan.expected.last - plan.expected.first) / 2), share: 0 }
  if (dimension === 'count') return { least: Math.max(readable, 1), share: 0 }
  if (dimension === 'temperature')
    return { least: Math.max(readable, convertUnit(1, 'C', unit) - convertUnit(0, 'C', unit)), share: 0 }
  return { least: readable, share: 0.1 }
}

const hasNought = ({ measured: { unit, scale, instrument } }: Plan) =>
  scale === undefined && unitDefinition(unit).dimension !== 'temperature' && instrument.least >= 0

function groupsMeant(plan: Plan, groupIds: readonly string[]): Record<string, string[]> {
  const meant: Record<string, string[]> = {}
  for (const groupIndex of testingGroups(plan, groupIds.length))
    for (const { id } of levelsForGroup(plan, groupIndex))
      (meant[id] ??= []).push(itemAt(groupIds, groupIndex))
  return meant
}

function scaleOf({ measured: { scale } }: Plan): ScoreScale {
  if (scale === undefined) return 'number'
  return scale.kind === 'word' ? 'word' : 'order'
}
