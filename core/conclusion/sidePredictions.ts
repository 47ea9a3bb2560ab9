import { defined } from '../defined'
import { sideFindings, type Evidence } from '../evidence'
import { levelName, orderedLevels, type Plan } from '../plan'
import { listed } from '../quantity'
import { wayOf } from '../recording'
import { sideClause, sideSaid } from '../words'
import type { PredictionOutcome } from './outcome'

/** What is asked of one side of a thing, beside its first side: more, less or the same. */
export interface SideQuestion {
  /** Which of the quantities that are read, by its place. */
  quantity: number
  /** At which level; null for all of them. */
  levelId: string | null
  sideId: string
}

/** The same, answered. */
export interface SidePrediction extends SideQuestion {
  direction: 'more' | 'less' | 'same'
}

/** More questions than this are no prediction any more, but a questionnaire. */
const mostQuestions = 6

/**
 * What a class can predict of the sides of a thing: of each quantity and each later side; of each level too, where that is not too much.
 * @param plan as its sides are compared (`scoredPlan`)
 * @example sideQuestions(plan).length // 0: three drop heights are compared
 */
export function sideQuestions(plan: Plan): SideQuestion[] {
  if (!plan.besides) return []
  const levels = orderedLevels(plan.besides)
  const sides = orderedLevels(plan).slice(1)
  const quantities = wayOf(plan).quantities(plan)
  const count = quantities.length * sides.length
  const asked = levels.length > 1 && levels.length * count <= mostQuestions ? levels : [null]
  return asked.flatMap((level) =>
    quantities.flatMap((_, quantity) =>
      sides.map((side) => ({ quantity, levelId: level?.id ?? null, sideId: side.id })),
    ),
  )
}

/**
 * Whether a question and an answer are about the same.
 * @example isSameQuestion({ quantity: 0, levelId: null, sideId: 'side-2' }, { quantity: 1, levelId: null, sideId: 'side-2' }) // false
 */
export const isSameQuestion = (one: SideQuestion, other: SideQuestion): boolean =>
  one.quantity === other.quantity && one.levelId === other.levelId && one.sideId === other.sideId

/**
 * All that is predicted of the sides of a thing, levels of which the same is predicted together.
 * @param plan as its sides are compared (`scoredPlan`)
 * @example sidePredictionsSaid(poured, [{ quantity: 0, levelId: null, sideId: 'side-2', direction: 'less' }]) // 'it will take up less together'
 */
export function sidePredictionsSaid(plan: Plan, answers: readonly SidePrediction[]): string {
  const alike = new Map<string, SidePrediction[]>()
  for (const one of answers) {
    const key = `${one.quantity}|${one.sideId}|${one.direction}`
    alike.set(key, [...(alike.get(key) ?? []), one])
  }
  const clauses = [...alike.values()]
    // What will differ is what the class talks about.
    .sort(
      ([a], [b]) =>
        defined(a).quantity - defined(b).quantity ||
        Number(defined(a).direction === 'same') - Number(defined(b).direction === 'same'),
    )
    .map((same) => alikeSaid(plan, same, answers))
  return clauses.length > 2 ? clauses.join('; ') : listed(clauses)
}

function alikeSaid(plan: Plan, same: readonly SidePrediction[], answers: readonly SidePrediction[]): string {
  const [{ quantity, sideId, direction }] = same as [SidePrediction]
  const asked = answers.filter((one) => one.quantity === quantity && one.sideId === sideId)
  const names = same.length === asked.length ? [] : same.map(({ levelId }) => levelSaid(plan, levelId))
  const isListed = names.length > 1 && names.some((name) => / and /u.test(name))
  const of = isListed ? names.map((name) => `“${name}”`).join(' and ') : listed(names)
  const { measured } = wayOf(plan).quantities(plan)[quantity] ?? plan
  return `${sideClause(measured, direction, { of, tense: 'future' })} ${sideNamed(plan, sideId)}`
}

function levelSaid({ besides }: Plan, levelId: string | null): string {
  const level = besides?.levels.find(({ id }) => id === levelId)
  return besides && level ? levelName(besides, level) : ''
}

/**
 * A side as it stands behind a verb.
 * @param plan as its sides are compared (`scoredPlan`)
 * @example sideNamed(poured, 'side-2') // 'together'
 */
export function sideNamed({ comparison, levels }: Plan, sideId: string): string {
  const side = levels.find(({ id }) => id === sideId)
  return side ? sideSaid(comparison as 'parts', side.name) : 'at a side no longer in the plan'
}

/**
 * How predictions of the sides of a thing met the result: as predicted where all that is settled came so, nearly so where some of it did.
 * @param plan as its sides are compared (`scoredPlan`)
 * @example compareSides(poured, [], evidence) // 'open'
 */
export function compareSides(
  plan: Plan,
  answers: readonly SidePrediction[],
  evidence: Evidence,
): PredictionOutcome {
  const quantities = wayOf(plan)
    .quantities(plan)
    .map(({ measured }) => measured.name)
  const met = answers.flatMap(({ quantity, levelId, sideId, direction }) => {
    const strand = evidence.strands.find(
      (one) => one.plan.measured.name === quantities[quantity] && (one.level?.id ?? null) === levelId,
    )
    const own = strand?.evidence ?? (quantity === 0 && levelId === null ? evidence : null)
    const finding = own && sideFindings(own, answers.length).find(({ level }) => level.id === sideId)
    if (!finding) return []
    const { verdict, ahead } = finding
    if (verdict.word === 'no-difference') return [direction === 'same']
    return verdict.word === 'clear' ? [direction === (ahead > 0 ? 'more' : 'less')] : []
  })
  if (met.length === 0) return 'open'
  return met.every(Boolean) ? 'as-predicted' : met.some(Boolean) ? 'nearly' : 'surprised'
}
