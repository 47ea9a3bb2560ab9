import {
  gaveLarger,
  gaveMost,
  levelName,
  orderedLevels,
  printResult,
  type Plan,
  type PredictionFormat,
} from '../plan'
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
 * @example predictedLevel(plan)?.value // 60
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
      return `a larger ${plan.changed.name} ${gaveLarger(plan.measured, answer.direction, 'present')}`
    }
    case 'choice':
      return `${name(answer.levelId)} ${gaveMost(plan.measured, most, 'present')}`
    case 'order':
      return `${orderSaid(plan)}: ${answer.levelIds.map(name).join(', ')}`
    case 'number':
      return `${name(answer.levelId)} gives about ${printResult(plan, answer.value)}`
  }
}

/**
 * What an order of levels begins with.
 * @example orderSaid(plan) // 'from most bounce height'
 */
export function orderSaid({ best, measured: { name, scale } }: Pick<Plan, 'best' | 'measured'>): string {
  const first = scale?.kind === 'place' || scale?.kind === 'when'
  if (first) return best === 'least' ? 'from first' : 'from last'
  return `from ${best === 'least' ? 'least' : 'most'} ${name}`
}

/**
 * The format in which a plan's predictions are put: kinds have no direction, and places and words are no numbers.
 * @example predictionFormat(race) // 'choice'
 */
export function predictionFormat({ prediction, changed, measured }: Plan): PredictionFormat {
  const { format } = prediction
  if (format === 'direction' && changed.kind === 'kinds') return 'choice'
  return format === 'number' && measured.scale ? 'choice' : format
}

/**
 * Compares a prediction with the result, kindly, and only with what is clear: a result that merely leans proves nothing
 * either way. An order is compared by the pairs that the data set apart, and is nearly right when only neighbours are
 * swapped; a number is compared with what its own group read, in rounds with the best of them, and is as predicted within a fifth of it,
 * or a mark where that is more, and nearly so within twice that.
 * @param groupId who predicted; null where the class did so together
 * @example comparePrediction(plan, { format: 'direction', direction: 'more' }, evidence) // 'as-predicted'
 */
export function comparePrediction(
  plan: Plan,
  answer: PredictionAnswer,
  evidence: Evidence,
  groupId: string | null = null,
): PredictionOutcome {
  const { judgement } = evidence
  if (answer.format === 'number') return compareNumber(plan, answer, evidence, groupId)
  const { word } = judgement.verdict
  if (answer.format === 'order' && word !== 'no-difference')
    return compareOrder(plan, answer.levelIds, judgement.order)
  if (word !== 'clear' && word !== 'no-difference') return 'open'
  const level = word === 'no-difference'
  if (answer.format === 'order') return 'surprised'
  if (answer.format === 'choice') {
    if (level) return 'surprised'
    const top = plan.best === 'least' ? judgement.order.at(-1) : judgement.order[0]
    if (!top) return 'open'
    return top.length === 1 || judgement.kind === 'kinds'
      ? top.includes(answer.levelId)
        ? 'as-predicted'
        : 'surprised'
      : 'open'
  }
  if (judgement.kind !== 'trend') return 'open'
  if (!level && judgement.direction === 'none') return 'surprised'
  const seen = level ? 'same' : judgement.direction === 'rising' ? 'more' : 'less'
  return seen === answer.direction ? 'as-predicted' : 'surprised'
}

/** By the pairs of levels that the data set apart; ranks run from most to least. */
function compareOrder(
  plan: Plan,
  predicted: readonly string[],
  order: readonly (readonly string[])[],
): PredictionOutcome {
  const ranks = plan.best === 'least' ? [...order].reverse() : order
  if (ranks.length < 2) return 'open'
  const rankOf = (id: string) => ranks.findIndex((rank) => rank.includes(id))
  const seen = predicted.filter((id) => rankOf(id) >= 0)
  let furthest = 0
  seen.forEach((id, index) => {
    for (const later of seen.slice(index + 1)) furthest = Math.max(furthest, rankOf(id) - rankOf(later))
  })
  return furthest === 0 ? 'as-predicted' : furthest === 1 ? 'nearly' : 'surprised'
}

/** How far a number may be off, as a share of it, however much the tries wobble. */
const numberWithin = 0.2

function compareNumber(
  plan: Plan,
  { levelId, value }: { levelId: string; value: number },
  evidence: Evidence,
  groupId: string | null,
): PredictionOutcome {
  const found = numberFound(plan, levelId, evidence, groupId)
  if (found === null) return 'open'
  const room = Math.max(resolutionOf(plan).mark, numberWithin * Math.abs(value)) * (1 + 1e-9)
  const away = Math.abs(value - found)
  return away <= room ? 'as-predicted' : away <= 2 * room ? 'nearly' : 'surprised'
}

/** What came of the level that a number was predicted for: of its own group, and in rounds of the best round that it had. */
function numberFound(
  plan: Plan,
  levelId: string,
  { cells, results, comparison }: Evidence,
  groupId: string | null,
): number | null {
  const own = cells.filter((cell) => cell.groupId === groupId)
  const centres = (comparison.inRounds ? own : own.filter((cell) => cell.levelId === levelId))
    .map((cell) => cell.summary.centre)
    .filter(Number.isFinite)
  if (centres.length > 0) return plan.best === 'least' ? Math.min(...centres) : Math.max(...centres)
  const found = groupId === null ? results.find(({ level }) => level.id === levelId)?.centre : undefined
  return found !== undefined && Number.isFinite(found) ? found : null
}

const predictors: Record<Plan['prediction']['who'], [one: string, many: string]> = {
  child: ['child', 'children'],
  group: ['group', 'groups'],
  class: ['class', 'classes'],
}

/**
 * How many had predicted what came, in one sentence; nothing while nobody predicted or the result is open.
 * @example predictionsMet('group', ['as-predicted', 'surprised']) // '1 of 2 groups had predicted this. 1 was surprised.'
 */
export function predictionsMet(
  who: Plan['prediction']['who'],
  outcomes: readonly PredictionOutcome[],
): string {
  const settled = outcomes.filter((one) => one !== 'open')
  if (settled.length === 0) return ''
  const right = settled.filter((one) => one === 'as-predicted').length
  const surprised = settled.filter((one) => one === 'surprised').length
  if (who === 'class')
    return right ? 'The class had predicted this.' : surprised ? 'The class was surprised.' : ''
  return [
    `${right} of ${outcomes.length} ${predictors[who][outcomes.length === 1 ? 0 : 1]} had predicted this.`,
    surprised ? `${surprised} ${surprised === 1 ? 'was' : 'were'} surprised.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}
