import type { Entry } from '../../entries'
import { valueField } from '../numberOf'
import { orderKept, type FinishOrder } from './finishOrder'
import { placesOf } from './placesOf'

/** One race that was seen. */
export interface Heat {
  entry: Entry
  order: FinishOrder
  /** The place of each level that ran, those level sharing the mean of theirs. */
  places: Map<string, number>
}

/** The order in which an entry says that levels came in; null where nothing was seen. */
export function orderOf({ fields }: Pick<Entry, 'fields'>): FinishOrder | null {
  const kept = fields[valueField]?.value
  return typeof kept === 'string' && kept !== '' ? orderKept(kept) : null
}

/** The heats of which something was seen. */
export const heatsOf = (counted: readonly Entry[]): Heat[] =>
  counted.flatMap((entry) => {
    const order = orderOf(entry)
    return order ? [{ entry, order, places: placesOf(order) }] : []
  })
