import { comparesSides, scoredPlan } from '../comparison'
import type { Evidence, LevelResult } from '../evidence'
import { checkFair, type FairContext } from '../fair'
import { levelName, type Expectation, type Plan } from '../plan'
import { firstOf, itemAt, lastOf } from '../defined'
import { theNamed } from '../method'
import type { Random } from '../random'
import { isRehearsable, rehearse, showsCheck } from '../rehearsal'
import { nextPlan } from '../variables'
import { hardToKeep, type TroubleTexts } from './hardToKeep'

/** A question that the results themselves lead to, with how its test would go. */
export interface FollowUp {
  question: string
  /** What the Shows check says of its test: "In 2 of 12 classes like yours the answer would stay hidden." */
  said: string
}

/** Enough to tell a test that shows something from one that does not. */
const classes = 80

/** What is known of a lesson beside its results when it is looked for what comes next. */
export interface LessonFacts {
  groups: number
  context: FairContext
  troubles: TroubleTexts
}

/**
 * What to test next by what was found: between the two levels between which it changed most, beyond the last one, and what the class says
 * was hard to keep the same (`hardToKeep`), if it matters as much as the groups differ. Each is rehearsed in virtual classes that get what
 * this class got, and offered unless the Shows check has something to mend. Levels that the instrument cannot read, or that the changed
 * thing cannot have, are not offered.
 * @param evidence of the plan's own results
 * @returns at most three; none where nothing was read twice
 * @example followUps(plan, evidence, { groups: 6, context, troubles }, seededRandom(1)).at(-1)?.question // 'What happens beyond 60 cm?'
 */
export function followUps(plan: Plan, evidence: Evidence, facts: LessonFacts, random: Random): FollowUp[] {
  const apart = meanApart(evidence.cells.map(({ values }) => values))
  // Read once each, nobody knows how far such readings scatter, so nothing can be rehearsed.
  if (apart === null || evidence.comparison.scale !== 'number' || comparesSides(plan)) return []
  return [
    ...otherLevels(plan, evidence, apart, facts, random),
    ...otherChange(plan, evidence, apart, facts, random),
  ]
}

/** Between the levels, and beyond them. */
function otherLevels(
  plan: Plan,
  { judgement, results }: Evidence,
  apart: number,
  { groups, context }: LessonFacts,
  random: Random,
): FollowUp[] {
  const isTrend = plan.changed.kind === 'number' && judgement.kind === 'trend'
  if (!isTrend || judgement.verdict.word !== 'clear' || results.length < 3) return []
  const rising = [...results].sort((a, b) => valueOf(a) - valueOf(b))
  return questionsOf(plan, rising).flatMap((question) => {
    const next = nextPlan(plan, question)
    const expected = expectedOf(next, rising, apart)
    if (next.levels === plan.levels || !canBeTested({ ...next, expected }, expected, context)) return []
    const said = shown(next, expected, groups, random)
    return said === null ? [] : [{ question, said }]
  })
}

/** What was hard to keep the same, changed between two ways that differ as much as the groups do. */
function otherChange(
  plan: Plan,
  { cells, results }: Evidence,
  apart: number,
  { groups, troubles }: LessonFacts,
  random: Random,
): FollowUp[] {
  const name = hardToKeep(plan, troubles)
  const differ = groupsDiffer(cells, results)
  if (name === null || !(differ > 0)) return []
  const question = `Does ${theNamed(name)} change ${theNamed(plan.measured.name)}?`
  const picked = nextPlan(plan, question)
  if (picked.changed.name !== name) return []
  const level = { value: null, picture: null, baseline: false }
  const next: Plan = {
    ...picked,
    changed: { ...picked.changed, kind: 'kinds' },
    levels: ['one way', 'another way'].map((way, place) => ({ ...level, id: `way-${place}`, name: way })),
  }
  const middle = results.reduce((sum, { centre }) => sum + centre, 0) / results.length
  const expected = { first: middle - differ / 2, last: middle + differ / 2, apart }
  if (!isRehearsable({ ...next, expected })) return []
  const said = shown(next, expected, groups, random)
  return said === null
    ? []
    : [
        {
          question,
          said: `If it matters as much as the groups differ, ${said.charAt(0).toLowerCase()}${said.slice(1)}`,
        },
      ]
}

/** How far the groups lie apart, those that read most and least, over all levels that both read. */
function groupsDiffer(cells: Evidence['cells'], results: readonly LevelResult[]): number {
  const offsets = new Map<string, number[]>()
  for (const { groupId, levelId, summary } of cells) {
    const all = results.find(({ level }) => level.id === levelId)
    if (all) offsets.set(groupId, [...(offsets.get(groupId) ?? []), summary.centre - all.centre])
  }
  const means = [...offsets.values()].map((own) => own.reduce((sum, one) => sum + one, 0) / own.length)
  return means.length < 2 ? 0 : Math.max(...means) - Math.min(...means)
}

/** What the Shows check says of a test; null where it has something to mend. */
function shown(next: Plan, expected: Expectation, groups: number, random: Random): string | null {
  const tried = { ...next, expected }
  const rehearsal = rehearse(tried, expected, groups, classes, random)
  const { state, sentence } = showsCheck(rehearsal, scoredPlan(tried).measured.instrument.name)
  return state === 'mend' ? null : sentence
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
