import type { Plan } from '../plan'
import type { PredictionOutcome } from './outcome'

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
