import { levelName, looksAtVariation, orderedLevels, printSaid, type Level, type Plan } from '../plan'
import { isInRounds, readMoments, wayOf } from '../recording'
import { levelSaid, nounOf } from '../words'
import { sideNamed } from './sidePredictions'

/** What a number is predicted for: the result at a level, or what is read there at one moment. */
export interface NumberAsked {
  levelId: string
  /** Null where it is the result. */
  moment: string | null
}

/**
 * The levels among which a class may choose the one that its number is for; none where there is nothing to choose.
 * @param plan as it is read, and @param scored the same as its results are measured (`scoredPlan`)
 * @example numberLevels(plan, plan).map(({ value }) => value) // [20, 40, 60]
 */
export function numberLevels(plan: Plan, scored: Plan): Level[] {
  if (isInRounds(plan) || (scored.besides && momentAsked(plan) === null)) return []
  const levels = orderedLevels(plan)
  return levels.length > 1 ? levels : []
}

/**
 * What the numbers of a plan are predicted for: as somebody has chosen, as far as the plan still has it, else the result at the last level.
 * @param plan as it is read, and @param scored the same as its results are measured (`scoredPlan`)
 * @returns null while there are no levels
 * @example numberAsked(plan, plan) // { levelId: 'h60', moment: null }
 */
export function numberAsked(plan: Plan, scored: Plan): NumberAsked | null {
  const moment = momentAsked(plan)
  const levels = orderedLevels(moment === null ? scored : plan)
  const chosen = numberLevels(plan, scored).find(({ id }) => id === plan.prediction.numberFor?.levelId)
  const level = chosen ?? levels.at(-1)
  return level ? { levelId: level.id, moment } : null
}

function momentAsked(plan: Plan): string | null {
  const { numberFor } = plan.prediction
  return readMoments(plan).find((moment) => moment === numberFor?.moment) ?? null
}

/**
 * What a number is predicted of, without its level: "the temperature after 10 min".
 * @param moment null for the result
 * @example predictedOf(plan, plan, null) // 'the bounce height'
 */
export function predictedOf(plan: Plan, scored: Plan, moment: string | null): string {
  const { measured } = moment === null ? scored : wayOf(plan).planAt(plan, moment)
  const noun = `the ${nounOf(measured.name, measured.unit)}`
  if (moment !== null) return `${noun} ${wayOf(plan).momentPhrase(plan, moment)}`
  const side = scored.besides ? orderedLevels(scored).at(-1) : undefined
  return side ? `${noun} ${sideNamed(scored, side.id)}` : noun
}

/**
 * The question that a predicted number answers.
 * @example numberQuestion(plan, plan, { levelId: 'h60', moment: null }) // 'What will the bounce height be at 60 cm?'
 */
export function numberQuestion(plan: Plan, scored: Plan, { levelId, moment }: NumberAsked): string {
  const level = orderedLevels(plan).find(({ id }) => id === levelId)
  if (moment !== null) {
    const of = `What will ${predictedOf(plan, scored, moment)} be`
    return level && plan.levels.length > 1 ? `${of}, for ${levelName(plan, level)}?` : `${of}?`
  }
  const will = `What will the ${nounOf(scored.measured.name, scored.measured.unit)}`
  if (looksAtVariation(plan)) return `${will} usually be?`
  if (scored.besides) return `${will} be ${sideNamed(scored, levelId)}?`
  return level ? `${will} be at ${levelName(plan, level)}?` : `${will} be?`
}

/**
 * A number that was predicted for one reading, in words.
 * @param plan as it is read
 * @example predictedReadingSaid(tea, { levelId: 'cup', moment: '10 min', value: 43 }) // 'the temperature after 10 min will be about 43 °C'
 */
export function predictedReadingSaid(
  plan: Plan,
  { levelId, moment, value }: { levelId: string; moment: string; value: number },
): string {
  const printed = printSaid(wayOf(plan).planAt(plan, moment), value)
  const said = `${predictedOf(plan, plan, moment)} will be about ${printed}`
  if (plan.levels.length < 2) return said
  const level = plan.levels.find(({ id }) => id === levelId)
  return `for ${level ? levelSaid(plan, level) : 'a level no longer in the plan'}, ${said}`
}
