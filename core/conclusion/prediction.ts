import { levelName, orderedLevels, type Plan } from '../plan'
import { printQuantity } from '../quantity'
import type { Evidence } from '../evidence'
import { resolutionOf } from '../instrument'

/** What a group expects, in the plan's prediction format. */
export type PredictionAnswer =
  | { format: 'direction'; direction: 'more' | 'less' | 'same' }
  | { format: 'order'; levelIds: string[] }
  | { format: 'number'; levelId: string; value: number }
  | { format: 'choice'; levelId: string }

/** How a prediction met the result; *surprised* is a good thing to talk about, not a mistake. */
export type PredictionOutcome = 'as-predicted' | 'nearly' | 'surprised' | 'open'

/**
 * The level that a number is predicted for: the last in the order of comparison.
 * @example predictedLevel(plan)?.value // 100
 */
export function predictedLevel(plan: Pick<Plan, 'changed' | 'levels'>) {
  return orderedLevels(plan).at(-1) ?? null
}

/**
 * A prediction in words, for the Board, the poster and the logbook.
 * @example predictionWords(plan, { format: 'direction', direction: 'more' }) // 'a larger drop height gives a larger bounce height'
 */
export function predictionWords(plan: Plan, answer: PredictionAnswer): string {
  const name = (id: string) => {
    const level = plan.levels.find((one) => one.id === id)
    return level ? levelName(plan, level) : 'a level no longer in the plan'
  }
  const most = plan.best === 'least' ? 'least' : 'most'
  switch (answer.format) {
    case 'direction': {
      const size = { more: 'a larger', less: 'a smaller', same: 'the same' }[answer.direction]
      return `a larger ${plan.changed.name} gives ${size} ${plan.measured.name}`
    }
    case 'choice':
      return `${name(answer.levelId)} gives the ${most} ${plan.measured.name}`
    case 'order':
      return `from ${most} ${plan.measured.name}: ${answer.levelIds.map(name).join(', ')}`
    case 'number':
      return `${name(answer.levelId)} gives about ${printQuantity(answer.value, plan.measured.unit, resolutionOf(plan).mark)}`
  }
}

/**
 * Compares a prediction with the result, kindly. Directions and choices need a verdict of *clear*,
 * *leaning* or *no difference*; an order is nearly right when only neighbours are swapped; a number is as
 * predicted within the wobble seen at its level and nearly so within twice that.
 * @example comparePrediction(plan, { format: 'direction', direction: 'more' }, evidence) // 'as-predicted'
 */
export function comparePrediction(
  plan: Plan,
  answer: PredictionAnswer,
  evidence: Evidence,
): PredictionOutcome {
  if (answer.format === 'number') return compareNumber(answer, evidence, resolutionOf(plan).mark)
  if (evidence.finding.verdict.word === 'cant-tell') return 'open'
  if (answer.format === 'order') return compareOrder(plan, answer.levelIds, evidence)
  const level = evidence.finding.verdict.word === 'no-difference'
  if (answer.format === 'choice')
    return level
      ? 'surprised'
      : firstLevelId(plan, evidence) === answer.levelId
        ? 'as-predicted'
        : 'surprised'
  if (evidence.finding.kind !== 'trend') return 'open'
  if (!level && evidence.finding.direction === 'none') return 'open'
  const seen = level ? 'same' : evidence.finding.direction === 'rising' ? 'more' : 'less'
  return seen === answer.direction ? 'as-predicted' : 'surprised'
}

function ranked(plan: Plan, evidence: Evidence): string[] {
  const sign = plan.best === 'least' ? 1 : -1
  return [...evidence.results].sort((a, b) => sign * (a.centre - b.centre)).map((result) => result.level.id)
}

function firstLevelId(plan: Plan, evidence: Evidence): string | undefined {
  return ranked(plan, evidence)[0]
}

function compareOrder(plan: Plan, predicted: string[], evidence: Evidence): PredictionOutcome {
  const seen = ranked(plan, evidence)
  const furthest = Math.max(
    0,
    ...seen.map((id, place) => Math.abs(predicted.filter((one) => seen.includes(one)).indexOf(id) - place)),
  )
  return furthest === 0 ? 'as-predicted' : furthest === 1 ? 'nearly' : 'surprised'
}

function compareNumber(
  answer: { levelId: string; value: number },
  evidence: Evidence,
  mark: number,
): PredictionOutcome {
  const result = evidence.results.find((one) => one.level.id === answer.levelId)
  if (!result) return 'open'
  const room = Math.max(mark, (result.greatest - result.least) / 2)
  const away = Math.abs(answer.value - result.centre)
  return away <= room ? 'as-predicted' : away <= 2 * room ? 'nearly' : 'surprised'
}
