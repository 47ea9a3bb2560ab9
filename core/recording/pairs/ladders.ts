import { itemAt } from '../../defined'
import { endWords } from '../../words'
import { asRank } from './rankWords'
import { median } from 'simple-statistics'
import { orderedLevels, type Plan } from '../../plan'
import type { Entry } from '../../entries'
import { levelSaid } from '../plainWay'
import type { Tiles } from '../way'
import { growOrder } from './insertion'
import { levelsOfRow, ordersOf, rowsOf } from './rows'

/** The order of each group as a ladder, the most on top; before them the class's, once any is complete. */
export function ladders(plan: Plan, counted: readonly Entry[]): Tiles {
  const ids = orderedLevels(plan).map((level) => level.id)
  const rungs = ids.length
  const grown = rowsOf(plan, counted).map(({ groupId, tryNumber, found }) => ({
    groupId,
    head: plan.tries > 1 ? `try ${tryNumber}` : '',
    order: growOrder(levelsOfRow(plan, found), found).order,
  }))
  const classOrder = middleOrder(
    ids,
    ordersOf(plan, counted).map(({ order }) => order),
  )
  const columns = [
    ...(classOrder.length > 0 ? [{ groupId: null, head: 'the class', order: classOrder }] : []),
    ...grown,
  ]
  return {
    of: {
      rows: `place, from ${endWords(asRank(plan)).most} to ${endWords(asRank(plan)).least}`,
      columns: 'group',
    },
    rows: Array.from({ length: rungs }, (_, place) => String(place + 1)),
    columns: columns.map(({ head, groupId }) => ({ head, groupId })),
    cells: columns.flatMap(({ order }, column) => {
      let row = 0
      return order.flatMap((together) =>
        together.map((id) => ({
          row: row++,
          column,
          text: `${levelSaid(plan, id)}${together.length > 1 ? ' =' : ''}`,
          // The same shade for the same level in every ladder, so that the eye can follow it.
          share: rungs < 2 ? 1 : 1 - classPlace(classOrder, ids, id) / (rungs - 1),
        })),
      )
    }),
  }
}

const classPlace = (order: readonly string[][], ids: readonly string[], id: string): number =>
  Math.max(0, (order.length > 0 ? order.flat() : ids).indexOf(id))

/** Levels by the middle of their ranks over several orders, those with the same middle together. */
function middleOrder(ids: readonly string[], orders: readonly string[][][]): string[][] {
  const middles = ids.flatMap((id) => {
    const ranks = orders.flatMap((order) => {
      const at = order.findIndex((together) => together.includes(id))
      return at < 0 ? [] : [order.slice(0, at).flat().length + (itemAt(order, at).length + 1) / 2]
    })
    return ranks.length === 0 ? [] : [{ id, middle: median(ranks) }]
  })
  const steps = [...new Set(middles.map(({ middle }) => middle))].sort((a, b) => a - b)
  return steps.map((step) => middles.filter(({ middle }) => middle === step).map(({ id }) => id))
}
