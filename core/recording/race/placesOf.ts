import type { FinishOrder } from './finishOrder'

/**
 * The place of each level in one heat, by level id: those that came in together share the mean of their places, and those that did not
 * finish share the last ones.
 * @example placesOf({ places: [['b'], ['a', 'c']], out: ['d'] }).get('a') // 2.5
 */
export function placesOf({ places, out }: FinishOrder): Map<string, number> {
  const ranks = new Map<string, number>()
  let before = 0
  for (const together of [...places, out]) {
    for (const id of together) ranks.set(id, before + (together.length + 1) / 2)
    before += together.length
  }
  return ranks
}
