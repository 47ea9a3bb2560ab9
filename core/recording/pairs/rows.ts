import { defined } from '../../defined'
import { orderedLevels, type Level, type Plan } from '../../plan'
import type { Entry, Slot } from '../../entries'
import { valueField } from '../numberOf'
import { growOrder } from './insertion'
import type { Found } from './relation'

/** What is kept where both are the same. */
export const theSame = '='

/** The slot of a pair names both by their identifiers, in the order of these, so that it stays when levels are moved. */
export function pairSlot(groupId: string, tryNumber: number, a: string, b: string): Slot {
  const [levelId, moment] = [a, b].sort()
  return { groupId, levelId: defined(levelId), tryNumber, moment: defined(moment) }
}

/** The two levels of a slot, as the plan orders them. */
export function pairOf(plan: Plan, { levelId, moment }: Pick<Slot, 'levelId' | 'moment'>): Level[] {
  return orderedLevels(plan).filter((level) => level.id === levelId || level.id === moment)
}

/** Each with each of those behind it. */
export const allPairs = (levels: readonly Level[]) =>
  levels.flatMap((a, index) => levels.slice(index + 1).map((b) => [a, b] as const))

/** What an entry found; null where nothing was seen, or where one of its levels is gone. */
export function comparisonIn(plan: Plan, entry: Entry): Found | null {
  const winner = entry.fields[valueField]?.value
  const [a, b] = pairOf(plan, entry)
  if (!a || !b || typeof winner !== 'string') return null
  if (winner === theSame) return { more: a.id, less: b.id, same: true }
  if (winner !== a.id && winner !== b.id) return null
  return { more: winner, less: winner === a.id ? b.id : a.id, same: false }
}

/** The comparisons of each group and try. */
export function rowsOf(plan: Plan, counted: readonly Entry[]) {
  const rows = new Map<string, { groupId: string; tryNumber: number; entries: Entry[]; found: Found[] }>()
  for (const entry of counted) {
    const { groupId, tryNumber } = entry
    const found = comparisonIn(plan, entry)
    if (!found) continue
    const row = rows.get(`${groupId}|${tryNumber}`) ?? { groupId, tryNumber, entries: [], found: [] }
    row.entries.push(entry)
    row.found.push(found)
    rows.set(`${groupId}|${tryNumber}`, row)
  }
  return [...rows.values()]
}

/** The levels that a row has to put in order: its group's own where levels are shared, or those that it has compared. */
export function levelsOfRow(plan: Plan, found: readonly Found[]): string[] {
  const ids = orderedLevels(plan).map((level) => level.id)
  if (plan.whoTests !== 'shared-levels') return ids
  return ids.filter((id) => found.some(({ more, less }) => more === id || less === id))
}

/** The complete orders, each with its group and try. */
export const ordersOf = (plan: Plan, counted: readonly Entry[]) =>
  rowsOf(plan, counted).flatMap(({ groupId, tryNumber, found }) => {
    const { order, next } = growOrder(levelsOfRow(plan, found), found)
    return next === null && order.length > 0 ? [{ groupId, tryNumber, order }] : []
  })
