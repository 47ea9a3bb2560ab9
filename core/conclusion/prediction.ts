import { looksAtVariation, printSaid, type Plan, type PredictionFormat, type PredictionStep } from '../plan'
import { hasOrder, isInRounds } from '../recording'
import { endWords, levelGaveMore, levelGaveMost, levelSaid, nounOf, trendPhrase } from '../words'
import { predictedReadingSaid } from './numberAsked'
import { sideNamed, sidePredictionsSaid, type SidePrediction } from './sidePredictions'

/** What a group expects, in the plan's prediction format. */
export type PredictionAnswer =
  | { format: 'direction'; direction: 'more' | 'less' | 'same' }
  | { format: 'order'; levelIds: string[] }
  /** The result at a level or side; with a moment, what is read at that level then. */
  | { format: 'number'; levelId: string; moment?: string; value: number }
  | { format: 'choice'; levelId: string }
  /** Most of the change happens between two levels. */
  | { format: 'stretch'; fromId: string; toId: string }
  /** One level beats another, by what the plan says is best. */
  | { format: 'pair'; levelId: string; overId: string }
  /** How the sides of one thing compare with its first side. */
  | { format: 'sides'; sides: SidePrediction[] }

/**
 * The ids of the levels that a prediction names.
 * @example levelsNamed({ format: 'stretch', fromId: 'h20', toId: 'h40' }) // ['h20', 'h40']
 */
export function levelsNamed(answer: PredictionAnswer): string[] {
  switch (answer.format) {
    case 'direction':
      return []
    case 'order':
      return answer.levelIds
    case 'number':
    case 'choice':
      return [answer.levelId]
    case 'stretch':
      return [answer.fromId, answer.toId]
    case 'pair':
      return [answer.levelId, answer.overId]
    case 'sides':
      return [
        ...new Set(
          answer.sides.flatMap(({ levelId, sideId }) => (levelId === null ? sideId : [levelId, sideId])),
        ),
      ]
  }
}

/**
 * A prediction in words, for the Board, the poster and the logbook.
 * @param plan as its results are measured (`scoredPlan`), and @param read the same as it is read
 * @example predictionWords(plan, { format: 'direction', direction: 'more' }) // 'the higher the drop, the higher the bounce'
 */
export function predictionWords(plan: Plan, answer: PredictionAnswer, read: Plan = plan): string {
  const name = (id: string) => {
    const level = plan.levels.find((one) => one.id === id)
    return level ? levelSaid(plan, level) : 'a level no longer in the plan'
  }
  const most = plan.best === 'least' ? 'least' : 'most'
  switch (answer.format) {
    case 'direction':
      return trendPhrase(plan, answer.direction, isInRounds(plan), 'future')
    case 'choice':
      return levelGaveMost(plan.measured, name(answer.levelId), most, 'future')
    case 'order':
      return `${orderSaid(plan)}: ${answer.levelIds.map(name).join(', ')}`
    case 'number':
      if (answer.moment !== undefined) return predictedReadingSaid(read, { ...answer, moment: answer.moment })
      if (plan.besides)
        return `the ${nounOf(plan.measured.name, plan.measured.unit)} will be about ${printSaid(plan, answer.value)} ${sideNamed(plan, answer.levelId)}`
      return looksAtVariation(plan)
        ? `the ${nounOf(plan.measured.name, plan.measured.unit)} will usually be about ${printSaid(plan, answer.value)}`
        : `${name(answer.levelId)} will give about ${printSaid(plan, answer.value)}`
    case 'sides':
      return sidePredictionsSaid(plan, answer.sides)
    case 'stretch':
      return `most of the change will happen between ${name(answer.fromId)} and ${name(answer.toId)}`
    case 'pair':
      return levelGaveMore(
        plan.measured,
        name(answer.levelId),
        most === 'least' ? 'less' : 'more',
        name(answer.overId),
        'future',
      )
  }
}

/**
 * From which end to which an order of levels goes.
 * @example orderSaid(plan) // 'from highest to lowest'
 */
export function orderSaid({ best, measured }: Pick<Plan, 'best' | 'measured'>): string {
  const { most, least } = endWords(measured)
  return best === 'least' ? `from ${least} to ${most}` : `from ${most} to ${least}`
}

/**
 * The format in which a plan's predictions are put: kinds have no direction and no stretches, places and words are no numbers, and a
 * stretch or a pair is a choice only of three levels or more.
 * @example predictionFormat(race) // 'choice'
 */
export function predictionFormat(plan: Plan): PredictionFormat {
  const { prediction, changed, measured } = plan
  const { format } = prediction
  if (plan.besides) return format === 'number' && !measured.scale ? 'number' : 'sides'
  if (format === 'sides') return changed.kind === 'kinds' ? 'choice' : 'direction'
  if ((format === 'stretch' || format === 'pair') && !predictionFormatsFor(plan).includes(format))
    return changed.kind === 'kinds' ? 'choice' : 'direction'
  if (format === 'direction' && changed.kind === 'kinds') return 'choice'
  return format === 'number' && measured.scale ? 'choice' : format
}

/**
 * The formats that make sense of what a plan changes.
 * @example predictionFormatsFor(plan).includes('pair') // false: a pair is of kinds
 */
export function predictionFormatsFor(
  plan: Pick<Plan, 'comparison' | 'changed' | 'levels' | 'recording' | 'besides'>,
): PredictionFormat[] {
  if (plan.besides) return ['sides', 'number']
  if (looksAtVariation(plan)) return ['number']
  const several = plan.levels.length > 2
  return [
    ...(plan.changed.kind === 'number' ? (['direction'] as const) : []),
    ...(['order', 'number', 'choice'] as const),
    ...(several && hasOrder(plan) ? (['stretch'] as const) : []),
    ...(several && !hasOrder(plan) ? (['pair'] as const) : []),
  ]
}

/** A prediction of a group, or of one of its children, who stay without names. */
export interface Prediction {
  groupId: string
  /** 0 for the whole group, or the whole class under its first group; 1 and up for its children, unnamed. */
  seat: number
  answer: PredictionAnswer
  because: string
  madeAt: string
  /** Written, or changed, after the group's first reading. */
  late: boolean
  /** When it was asked for. */
  step: PredictionStep
  /** How many readings the group had made by then. */
  known: number
}
