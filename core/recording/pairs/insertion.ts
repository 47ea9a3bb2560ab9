import { firstOf, itemAt } from '../../defined'
import { impliedOrder, type Found } from './relation'

/** How far an order has grown. */
export interface Growing {
  /** From most to least; those that are the same stand together. */
  order: string[][]
  /** The pair that is to be compared next; null once all have their place. */
  next: [string, string] | null
  /** The pairs that are still to come at most, the next one first. */
  ahead: [string, string][]
}

/**
 * Grows an order by binary insertion: each in turn is compared with the middle of what stands already, so that n of them take at most
 * Σ ⌈log₂ k⌉ comparisons for k = 1 … n. What follows from others is not asked again.
 *
 * Source: D. E. Knuth, The Art of Computer Programming 3, section 5.3.1.
 *
 * @param ids in the order in which they are taken up
 * @example growOrder(['a', 'b', 'c', 'd', 'e'], []).ahead.length // 8
 */
export function growOrder(ids: readonly string[], found: readonly Found[]): Growing {
  const order: string[][] = []
  const ahead: [string, string][] = []
  let grown: string[][] | null = null
  for (const id of ids) {
    let [from, to] = [0, order.length]
    let level = false
    while (from < to) {
      const middle = (from + to) >> 1
      const other = firstOf(itemAt(order, middle))
      const said = ahead.length === 0 ? impliedOrder(found, id, other) : null
      if (said === null) {
        grown ??= order.map((together) => [...together])
        ahead.push([other, id])
      }
      if (said === 0) {
        itemAt(order, middle).push(id)
        level = true
        break
      }
      // Not known yet, it may fall into the longer part.
      if (said === 1 || (said === null && middle - from >= to - middle - 1)) to = middle
      else from = middle + 1
    }
    if (!level) order.splice(from, 0, [id])
  }
  return { order: grown ?? order, next: ahead[0] ?? null, ahead }
}
