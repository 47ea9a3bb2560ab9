import { summariseCell } from '../evidence'
import { resolutionOf } from '../instrument'
import type { Plan, Summary } from '../plan'
import { listed, printNumber, printQuantity, printReadingIn, stripRoundingNoise } from '../quantity'
import type { Entry } from '../entries'
import { usesInstrument, wayOf, type Working } from '../recording'
import { scoredPlan } from './scoredPlan'
import { comparesSides } from './sidesOf'

/**
 * Whether several tries of a level become one number, which children can work out themselves.
 * @example canSumUp(plan) // true: three tries, of which the middle value is taken
 */
export const canSumUp = (plan: Plan): boolean =>
  plan.tries > 1 && plan.summary !== 'none' && usesInstrument(plan) && !comparesSides(plan)

/**
 * How the tries of a group become one number, step by step; empty until all of them are in, and where they never become one.
 * @param counted the entries that stand and count
 * @example sumUpSteps({ ...plan, summary: 'mean' }, counted, 'leaf', 'h20').map((step) => step.said) // ['11 cm + 12 cm + 12 cm = 35 cm', '35 cm ÷ 3 = 11.7 cm, rounded']
 */
export function sumUpSteps(
  plan: Plan,
  counted: readonly Entry[],
  groupId: string,
  levelId: string | null,
): Working[] {
  const scored = scoredPlan(plan, counted)
  if (!canSumUp(plan) || scored.measured.scale) return []
  const tries = wayOf(plan)
    .scores(plan, counted)
    .filter((score) => score.groupId === groupId && score.levelId === levelId)
    .map(({ value }) => value)
  if (tries.length < plan.tries || !tries.every(Number.isFinite)) return []
  return plan.summary === 'mean' ? meanSteps(scored, tries) : [middleStep(scored, tries, plan.summary)]
}

function meanSteps(scored: Plan, tries: readonly number[]): Working[] {
  const total = stripRoundingNoise(tries.reduce((sum, one) => sum + one, 0))
  const print = printerOf(scored)
  return [
    step(scored, 'all tries together', tries.map(print).join(' + '), total),
    step(scored, 'the mean', `${print(total)} ÷ ${tries.length}`, stripRoundingNoise(total / tries.length)),
  ]
}

/** The tries stand as they were read: putting them in order is the work. */
function middleStep(scored: Plan, tries: readonly number[], summary: Summary): Working {
  const common = summary === 'most-common' && new Set(tries).size < tries.length
  const named = common ? 'most common' : 'middle'
  const sum = `the ${named} of ${listed(tries.map(printerOf(scored)))}`
  return step(scored, `the ${named} value`, sum, summariseCell(tries, summary).centre)
}

const printerOf = (scored: Plan) => (value: number) =>
  printReadingIn(value, scored.measured.unit, resolutionOf(scored).mark)

function step(scored: Plan, name: string, sum: string, value: number): Working {
  const { unit } = scored.measured
  const { mark } = resolutionOf(scored)
  const short = printQuantity(value, unit, mark, 1)
  const printed = Number(printNumber(value, mark, 1, unit))
  // Fractions of an inch are as close as their marks.
  const isExact = Number.isNaN(printed) || Math.abs(printed - value) < 1e-9
  return { name, sum, value, unit, mark, said: `${sum} = ${short}${isExact ? '' : ', rounded'}`, short }
}
