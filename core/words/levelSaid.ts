import { firstOf } from '../defined'
import { stem } from '../catalogue'
import { levelName, type Level, type Plan } from '../plan'
import { printPlain, withUnit } from '../quantity'
import { wordsFor } from './variableWords'

/**
 * A level as a sentence says it: numbers of things with the things.
 * @example levelSaid(plan, plan.levels[0]) // '20 cm'
 */
export const levelSaid = (plan: Pick<Plan, 'changed' | 'levels'>, level: Level): string =>
  level.value === null || plan.changed.unit !== 'count'
    ? levelName(plan, level)
    : valueSaid(plan, level.value)

/**
 * A value of what is changed, as a sentence says it.
 * @example valueSaid(plan, 25) // '25 cm'
 */
export function valueSaid({ changed }: Pick<Plan, 'changed'>, value: number): string {
  const words = wordsFor(changed)
  if (changed.unit === 'count' && words.counted) {
    const things = firstOf(words.thing.split(' of '))
    return `${value === 0 ? 'no' : value} ${value === 1 ? things.replace(/\p{L}+$/u, stem) : things}`
  }
  return changed.unit ? withUnit(printPlain(value, changed.unit), changed.unit) : String(value)
}

/**
 * So much more of what is changed, as in "for every …".
 * @example extraSaid(plan, 25) // 'extra 25 cm'
 */
export const extraSaid = (plan: Pick<Plan, 'changed'>, value: number): string => {
  const said = valueSaid(plan, value)
  return `extra ${value === 1 ? said.replace(/^1 (?=\p{L}{3})/u, '') : said}`
}
