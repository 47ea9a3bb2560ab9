import { canSumUp } from '../comparison'
import { defined } from '../defined'
import type { Plan } from '../plan'
import { wayOf } from '../recording'

/** A column of a group's table on paper: something read, something worked out of a try, or the one number of all tries. */
export interface SheetColumn {
  kind: 'read' | 'worked' | 'summed'
  tryNumber: number
  moment: string
  head: string
  /** Whether it is read once for a level, whatever the tries. */
  once: boolean
}

const summed = { mean: 'mean', median: 'middle value', 'most-common': 'most common', none: '' }

/**
 * What a group reads of a level, and behind each try what is worked out of it.
 * @param sumsUp whether the one number of all tries stands at the end, where there is one
 * @example sheetColumns(plan, true).map((column) => column.head) // ['try 1', 'try 2', 'try 3', 'middle value']
 */
export function sheetColumns(plan: Plan, sumsUp: boolean): SheetColumn[] {
  const way = wayOf(plan)
  const read = way.columns(plan)
  const worked = way.arithmetic?.head(plan) ?? null
  const columns = read.flatMap(({ tryNumber, moment, head, once = false }, index): SheetColumn[] => {
    const column = { kind: 'read' as const, tryNumber, moment, head, once }
    if (worked === null || read[index + 1]?.tryNumber === tryNumber) return [column]
    const sum = plan.tries > 1 ? `${worked}, try ${tryNumber}` : defined(worked)
    return [column, { kind: 'worked', tryNumber, moment: '', head: sum, once: false }]
  })
  return sumsUp && canSumUp(plan)
    ? [
        ...columns,
        { kind: 'summed', tryNumber: plan.tries, moment: '', head: summed[plan.summary], once: false },
      ]
    : columns
}

/**
 * The columns as they fit beside one another, the others beneath, about as many in each part; a try stays whole where there is room.
 * @param fit how many fit
 * @example besideOneAnother(sheetColumns(plan, false), 2).map((part) => part.length) // [2, 1]
 */
export function besideOneAnother(columns: readonly SheetColumn[], fit: number): SheetColumn[][] {
  const full = inParts(columns, fit)
  const even = inParts(columns, Math.ceil(columns.length / full.length))
  return even.length > full.length ? full : even
}

function inParts(columns: readonly SheetColumn[], most: number): SheetColumn[][] {
  const parts: SheetColumn[][] = []
  for (const tryNumber of new Set(columns.map((column) => column.tryNumber))) {
    const own = columns.filter((column) => column.tryNumber === tryNumber)
    const last = parts.at(-1)
    if (last && last.length + own.length <= most) last.push(...own)
    else for (let from = 0; from < own.length; from += most) parts.push(own.slice(from, from + most))
  }
  return parts
}
