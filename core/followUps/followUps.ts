import { comparesSides, scoredPlan } from '../comparison'
import type { Evidence, LevelResult } from '../evidence'
import { checkFair, type FairContext } from '../fair'
import { levelName, type Expectation, type Plan } from '../plan'
import { firstOf, itemAt, lastOf } from '../defined'
import type { Random } from '../random'
import { isRehearsable, rehearse, showsCheck } from '../rehearsal'
import { nextPlan } from '../variables'

/** A question that the results themselves lead to, with how its test would go. */
export interface FollowUp {
  question: string
  /** What the Shows check says of its test: "In 2 of 12 classes like yours the answer would stay hidden." */
  said: string
}

/** Enough to tell a test that shows something from one that does not. */
const classes = 80

/**
 * What to test next by what was found: between the two levels between which it changed most, and beyond the last one. Each is rehearsed in
 * virtual classes that get what this class got, and offered unless the Shows check has something to mend. Levels that the instrument
 * cannot read, or that the changed thing cannot have, are not offered.
 * @param evidence of the plan's own results
 * @returns at most two; none where levels are no numbers, or nothing was clear
 * @example followUps(plan, evidence, 6, context, seededRandom(1)).at(-1)?.question // 'What happens beyond 60 cm?'
 */
export function followUps(
  plan: Plan,
  evidence: Evidence,
  groups: number,
  context: FairContext,
  random: Random,
): FollowUp[] {
  const { comparison, judgement, results, cells } = evidence
  const isTrend = plan.changed.kind === 'number' && judgement.kind === 'trend' && !comparesSides(plan)
  const apart = meanApart(cells.map(({ values }) => values))
  // Read once each, nobody knows how far such readings scatter, so nothing can be rehearsed.
  if (apart === null) return []
  if (!isTrend || comparison.scale !== 'number' || judgement.verdict.word !== 'clear' || results.length < 3)
    return []
  const rising = [...results].sort((a, b) => valueOf(a) - valueOf(b))
  return questionsOf(plan, rising).flatMap((question) => {
    const next = nextPlan(plan, question)
    const expected = expectedOf(next, rising, apart)
    const tried = { ...next, expected }
    if (next.levels === plan.levels || !canBeTested(tried, expected, context)) return []
    const rehearsal = rehearse(tried, expected, groups, classes, random)
    const { state, sentence } = showsCheck(rehearsal, scoredPlan(tried).measured.instrument.name)
    return state === 'mend' ? [] : [{ question, said: sentence }]
  })
}

const valueOf = ({ level }: LevelResult): number => level.value ?? 0

function questionsOf(plan: Plan, rising: readonly LevelResult[]): string[] {
  const steps = rising.slice(1).map((to, index) => ({ from: itemAt(rising, index), to }))
  const size = ({ from, to }: (typeof steps)[number]) => Math.abs(to.centre - from.centre)
  const { from, to } = steps.reduce((most, step) => (size(step) > size(most) ? step : most))
  const said = ({ level }: LevelResult) => levelName(plan, level)
  return [
    `What happens between ${said(from)} and ${said(to)}?`,
    `What happens beyond ${said(lastOf(rising))}?`,
  ]
}

/** What these results lead one to expect at the ends of other levels, on straight lines from level to level and on from the last two. */
function expectedOf(next: Plan, rising: readonly LevelResult[], apart: number): Expectation {
  const at = (value: number) => {
    const above = rising.findIndex((one, index) => index > 0 && valueOf(one) >= value)
    const to = itemAt(rising, above < 0 ? rising.length - 1 : above)
    const from = itemAt(rising, rising.indexOf(to) - 1)
    const share = (value - valueOf(from)) / (valueOf(to) - valueOf(from))
    return from.centre + share * (to.centre - from.centre)
  }
  const values = next.levels.flatMap(({ value }) => value ?? []).sort((a, b) => a - b)
  return { first: at(firstOf(values)), last: at(lastOf(values)), apart }
}

/** How far apart two tries of one group at one level were, on average; null where nothing was read twice. */
function meanApart(tries: readonly (readonly number[])[]): number | null {
  const differences = tries.flatMap((values) =>
    values.flatMap((one, index) => values.slice(index + 1).map((other) => Math.abs(one - other))),
  )
  return differences.length === 0 ? null : differences.reduce((sum, one) => sum + one, 0) / differences.length
}

function canBeTested(plan: Plan, expected: Expectation, context: FairContext): boolean {
  const { instrument } = scoredPlan(plan).measured
  const isOnScale = [expected.first, expected.last].every(
    (value) => value >= instrument.least && value <= instrument.greatest,
  )
  const range = plan.changed.range
  const canBeSet = plan.levels.every(({ value }) => range === null || (value ?? 0) <= range.greatest)
  const { findings } = checkFair(plan, context)
  return (
    isOnScale &&
    canBeSet &&
    isRehearsable(plan) &&
    !findings.some(({ severity, field }) => severity === 'mend' && field === 'levels')
  )
}
