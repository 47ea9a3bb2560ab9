import { defined, lastOf } from '../defined'
import { median } from 'simple-statistics'
import { resolutionOf } from '../instrument'
import { hasOneSetting, printResult, type Plan } from '../plan'
import { capital } from '../quantity'
import { nounOf, wordsFor } from '../words'
import type { Evidence } from './evidence'
import { driftReason } from './resultReason'
import type { ResultSentence } from './resultSaid'
import { ResultWords } from './resultWords'

/** What is called *mostly*: at least so many of the tries. */
const mostShare = 0.8
/** So close together there are no heaps to be seen. */
const closeMarks = 4
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
  const middle = defined(sorted[sorted.length >> 1])
  const stretches = Array.from({ length: sorted.length - needed + 1 }, (_, from) => ({
    least: defined(sorted[from]),
    greatest: defined(sorted[from + needed - 1]),
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
  if (!hasOneSetting(plan) || evidence.comparison.scale !== 'number') return null
  const values = evidence.cells.flatMap((cell) => cell.values).filter(Number.isFinite)
  if (values.length === 0) return null
  const isOpen = evidence.table.looks.open && values.length >= fewTries
  const sentence = sentenceOf(plan, values)
  return {
    sentence: isOpen ? `So far, ${sentence}` : capital(sentence),
    reasons: reasonsOf(plan, evidence, values),
  }
}

/** Whether there is a usual value: two heaps with nothing between them have a middle that nobody read. */
function hasUsual(values: readonly number[], { least, greatest }: Spread, mark: number): boolean {
  if (greatest - least <= closeMarks * mark) return true
  const quarter = (greatest - least) / 4
  const inMiddle = values.filter((value) => value >= least + quarter && value <= greatest - quarter)
  return inMiddle.length >= values.length / 3
}

function sentenceOf(plan: Plan, values: readonly number[]): string {
  const spread = mostlyWithin(values)
  const print = (value: number) => printResult(plan, value, 1)
  const things = isHeld(plan) ? ` ${wordsFor(plan.measured).thing.replace(/ held$/u, '')}` : ''
  const was = (when = '') =>
    isHeld(plan)
      ? `it ${when}held`
      : `the ${nounOf(plan.measured.name, plan.measured.unit)} was ${when}`.trimEnd()
  const usual = print(median([...values]))
  if (values.length < fewTries) {
    const tries = values.length === 1 ? 'one try' : `${values.length} tries`
    return `so far ${was()} about ${usual}${things}, over ${tries}.`
  }
  if (spread.least === spread.greatest) {
    const always = spread.inside === values.length
    return `${was(always ? '' : 'usually ')} ${usual}${things}${always ? ' every time' : ''}.`
  }
  return hasUsual(values, spread, resolutionOf(plan).mark)
    ? `${was('usually ')} about ${usual}${things}, mostly ${rangeSaid(plan, spread)}.`
    : `${was()} anything from ${rangeSaid(plan, spread)}${things}.`
}

function reasonsOf(plan: Plan, evidence: Evidence, values: readonly number[]): string[] {
  if (values.length < fewTries) return ['A few more tries would show how much it varies.']
  const spread = mostlyWithin(values)
  const where =
    spread.least === spread.greatest
      ? `were ${printResult(plan, spread.least)}`
      : `were from ${rangeSaid(plan, spread)}`
  return [
    spread.inside === values.length && spread.least === spread.greatest
      ? ''
      : `${spread.inside} of ${values.length} tries ${where}.`,
    groupsDiffer(plan, evidence),
    driftReason(new ResultWords(plan, evidence)),
  ].filter(Boolean)
}

const rangeSaid = (plan: Plan, { least, greatest }: Spread) =>
  `${printResult(plan, least)} to ${printResult(plan, greatest)}`

const isHeld = ({ measured }: Plan) => / held$/u.test(wordsFor(measured).thing)

/** What each group found by itself, where there are several. */
function groupsDiffer(plan: Plan, { cells }: Evidence): string {
  if (cells.length < 2) return ''
  const centres = cells.map((cell) => cell.summary.centre).sort((a, b) => a - b)
  const [least, greatest] = [printResult(plan, defined(centres[0]), 1), printResult(plan, lastOf(centres), 1)]
  return least === greatest
    ? `Each of the ${cells.length} groups usually found ${least}.`
    : `What the ${cells.length} groups usually found goes from ${least} to ${greatest}.`
}
