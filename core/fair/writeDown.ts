import { remedy, type Plan, type Remedy } from '../plan'

/**
 * The remedy for a difference that can't be helped: it is written down, and is then said wherever the result is.
 * @example writeDown(() => ({})).label // 'Write it down as it is'
 */
export const writeDown = (change: (plan: Plan) => Partial<Plan>): Remedy => ({
  ...remedy('Write it down as it is', change),
  done: 'Written down. You’ll see it beside the result, in Compare and on the poster.',
})
