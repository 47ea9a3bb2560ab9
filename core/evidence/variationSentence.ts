import { hasOneSetting, printResult, type Plan } from '../plan'
import { nounOf, wordsFor } from '../words'
import type { Evidence } from './evidence'
import { driftReason } from './resultReason'
import type { ResultSentence } from './resultSaid'
import { ResultWords } from './resultWords'

/** What is called *mostly*: at least so many of the tries. */
const mostShare = 0.8
/** With fewer tries nobody can say what happens mostly. */
const fewTries = 5

/** The narrowest stretch that holds most of the values; of several, the one around the middle. */
export interface Spread {
  least: number
  greatest: number
  /** How many of the values lie in it. */
  inside: number
}

/**
 * Where most values lie.
 * @param values one or more
 * @example mostlyWithin([20, 22, 23, 23, 24, 25, 26, 40]) // { least: 20, greatest: 26, inside: 7 }
 */
export function mostlyWithin(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b)
  const needed = Math.ceil(mostShare * sorted.length - 1e-9)
  const middle = sorted[sorted.length >> 1]!
  const stretches = Array.from({ length: sorted.length - needed + 1 }, (_, from) => ({
    least: sorted[from]!,
    greatest: sorted[from + needed - 1]!,
  }))
  const size = (one: { least: number; greatest: number }) => one.greatest - one.least
  const off = (one: { least: number; greatest: number }) => Math.abs(one.least + one.greatest - 2 * middle)
  const best = stretches.reduce((found, one) =>
    size(one) < size(found) || (size(one) === size(found) && off(one) < off(found)) ? one : found,
  )
  return { ...best, inside: sorted.filter((value) => value >= best.least && value <= best.greatest).length }
}

/**
 * How much one setting gave, and how much it varied from try to try.
 * @returns null where several settings are compared, where nothing is read yet, or where results are no quantities
 * @example variationSentence(plan, evidence) // null: three drop heights are compared
 */
export function variationSentence(plan: Plan, evidence: Evidence): ResultSentence | null {
  const [result] = evidence.results
  if (!hasOneSetting(plan) || !result || evidence.comparison.scale !== 'number') return null
  const values = evidence.cells.flatMap((cell) => cell.values).filter(Number.isFinite)
  if (values.length === 0) return null
  const say = new ResultWords(plan, evidence)
  const { least, greatest, inside } = mostlyWithin(values)
  const usual = printResult(plan, result.centre, 1)
  const range = `${printResult(plan, least)} to ${printResult(plan, greatest)}`
  const verb = isHeld(plan) ? 'it' : `the ${nounOf(plan.measured.name, plan.measured.unit)}`
  const was = (when: string) => (isHeld(plan) ? `${verb} ${when}held` : `${verb} was ${when}`.trimEnd())
  const things = isHeld(plan) ? ` ${wordsFor(plan.measured).thing.replace(/ held$/u, '')}` : ''
  const said =
    values.length < fewTries
      ? `so far ${was('')} about ${usual}${things}, over ${values.length === 1 ? 'one try' : `${values.length} tries`}.`
      : Math.min(...values) === Math.max(...values)
        ? `${was('')} ${printResult(plan, least)}${things} every time.`
        : `${was('usually ').trim()} about ${usual}${things}, mostly ${range}.`
  return {
    sentence: said.charAt(0).toUpperCase() + said.slice(1),
    reasons:
      values.length < fewTries
        ? ['A few more tries would show how much it varies.']
        : [
            `${inside} of ${values.length} tries were from ${range}.`,
            groupsDiffer(plan, evidence),
            driftReason(say),
          ].filter(Boolean),
  }
}

const isHeld = ({ measured }: Plan) => / held$/u.test(wordsFor(measured).thing)

/** What each group found by itself, where there are several. */
function groupsDiffer(plan: Plan, { cells }: Evidence): string {
  if (cells.length < 2) return ''
  const centres = cells.map((cell) => cell.summary.centre).sort((a, b) => a - b)
  const [least, greatest] = [printResult(plan, centres[0]!, 1), printResult(plan, centres.at(-1)!, 1)]
  return least === greatest
    ? `Each of the ${cells.length} groups usually found ${least}.`
    : `What the ${cells.length} groups usually found goes from ${least} to ${greatest}.`
}
