import { itemAt, defined } from '../../defined'
import { median } from 'simple-statistics'
import { resolutionOf } from '../../instrument'
import { levelName, orderedLevels, printResult, type Plan } from '../../plan'
import { listed, printNumber, printQuantity, stripRoundingNoise } from '../../quantity'
import type { Entry } from '../../entries'
import { valueField } from '../numberOf'
import { numberPerTry, readScores } from '../numberPerTry'
import type { RoundSteps, Way } from '../way'
import { oneByOne } from '../wayNeeds'
import { alterationsOf, type Alteration } from './alterations'
import { alteredField, alteredIn, typedWithAltered, withAltered } from './altered'
import { middlesOf, progressOf } from './progress'

const endOf = (plan: Plan) => (plan.best === 'least' ? 'least' : 'most')

/** A design that is built, tested, altered and tested again: each round has its score and what was altered before it. */
export const rounds: Way = {
  ...numberPerTry,
  kind: 'rounds',
  name: 'rounds of redesign',
  verb: 'measure',
  oneEntry: 'what the round reached',
  options: [
    {
      name: 'target',
      label: 'The target to reach',
      kind: 'amount',
      optional: true,
      says: (answer, plan) =>
        answer === null
          ? 'with no target'
          : `with a target of ${printQuantity(answer, plan.measured.unit, resolutionOf(plan).mark)}`,
    },
  ],
  usualRecording: { kind: 'rounds' },
  improves: true,
  onceIsEnough: true,
  // A round goes by its name.
  onlyTry: '',
  needs: () => oneByOne,
  extraFields: [alteredField],

  fields: (plan) => [
    ...numberPerTry
      .fields(plan)
      .map((field) => ({ ...field, help: 'and behind a colon what you altered, like 9: folded the sides' })),
  ],

  check: (plan, text, context) => numberPerTry.check(plan, typedWithAltered(text).value, context),

  understand(plan, { fields, readWith }) {
    const { [alteredField]: altered, ...value } = withAltered(fields)
    const field = value[valueField]
    const understood = numberPerTry.understand(plan, {
      readWith,
      fields: field
        ? { ...value, [valueField]: { ...field, typed: typedWithAltered(field.typed).value } }
        : value,
    })
    if (!understood.ok) return understood
    const read = understood.fields[valueField]
    return {
      ok: true,
      fields: {
        ...(read ? { [valueField]: { ...read, typed: defined(field).typed } } : {}),
        ...(altered ? { [alteredField]: altered } : {}),
      },
    }
  },

  print(plan, entry) {
    const value = numberPerTry.print(plan, entry)
    const altered = alteredIn(entry)
    return value === '' || altered === '' ? value : `${value}, altered: ${altered}`
  },

  /** More than one try of a round is summed up as the plan says; what counts is the round. */
  picture: (plan, counted) => ({ kind: 'steps', steps: stepsOf(plan, counted) }),

  detail(plan, counted) {
    const steps = stepsOf(plan, counted).filter(({ best }) => best !== null)
    if (steps.length === 0) return null
    const levels = orderedLevels(plan)
    const { bestSoFar, gains, best } = progressOf(middlesOf(steps, levels.length), endOf(plan))
    if (best === null) return null
    const printed = (value: number) => printResult(plan, value, 1)
    const moves = gains.flatMap((gain, round) =>
      gain === null ? [] : [`${movedBy(plan, gain)} in ${levelName(plan, itemAt(levels, round))}`],
    )
    const own = steps.length === 1 ? 'the best' : 'the middle of the groups: best'
    const [most] = alterationsOf(steps, endOf(plan))
    return [
      `${own} so far ${printed(defined(bestSoFar.at(-1)))} in ${levelName(plan, itemAt(levels, best))}.`,
      ...(moves.length > 0 ? [`From one round to the next: ${listed(moves)}.`] : []),
      ...(most && most.gain > 0 ? [alterationSaid(plan, most, steps.length)] : []),
      ...targetSaid(plan, steps),
    ].join(' ')
  },
}

function alterationSaid(plan: Plan, { text, gain, groups }: Alteration, all: number): string {
  const where = groups > 1 ? ` on average, in ${groups} groups` : all > 1 ? ' in one group' : ''
  return `“${text}” gained most: ${movedBy(plan, gain)}${where}.`
}

/** How many groups came as far as they were to. */
function targetSaid(plan: Plan, steps: readonly RoundSteps[]): string[] {
  const { recording } = plan
  if (recording.kind !== 'rounds' || recording.target === undefined) return []
  const { target } = recording
  const there = steps.filter(({ results }) =>
    results.some((one) => one !== null && (endOf(plan) === 'most' ? one >= target : one <= target)),
  ).length
  const of = steps.length === 1 ? 'The group' : `${there} of ${steps.length} groups`
  const said = printQuantity(target, plan.measured.unit, resolutionOf(plan).mark)
  if (steps.length > 1) return [`${of} reached the target of ${said}.`]
  return [
    there === 1 ? `${of} reached the target of ${said}.` : `${of} hasn’t reached the target of ${said} yet.`,
  ]
}

/** How much better a round was, as it is printed: what shows no number is the same. */
function movedBy(plan: Plan, gain: number): string {
  if (gain === 0) return 'the same'
  const amount = shortly(plan, Math.abs(gain))
  return Number(amount) === 0 ? 'about the same' : `${gain < 0 ? '−' : '+'}${amount}`
}

const shortly = (plan: Plan, value: number) =>
  printNumber(value, resolutionOf(plan).mark, 1, plan.measured.unit)

function stepsOf(plan: Plan, counted: readonly Entry[]): RoundSteps[] {
  const levels = orderedLevels(plan)
  const scores = readScores(plan, counted)
  const groups = [...new Set(scores.map((score) => score.groupId))]
  return groups.map((groupId) => {
    const at = (levelId: string) => scores.filter((one) => one.groupId === groupId && one.levelId === levelId)
    const results = levels.map(({ id }) => {
      const values = at(id).map((score) => score.value)
      return values.length === 0 ? null : stripRoundingNoise(median(values))
    })
    const altered = levels.map(({ id }) =>
      counted
        .filter((one) => one.groupId === groupId && one.levelId === id)
        .map(alteredIn)
        .filter(Boolean)
        .join('; '),
    )
    return { groupId, results, altered, best: progressOf(results, endOf(plan)).best }
  })
}
