import { defined } from '../../defined'

/** What one comparison came to: the first has more, or both are the same. */
export interface Found {
  more: string
  less: string
  same: boolean
}

/**
 * Whether the first has more than the second by what was found, also by way of others: A over B and B over C says A over C.
 * @returns 1 for more, −1 for less, 0 for the same, null where it does not follow
 * @example impliedOrder([{ more: 'a', less: 'b', same: false }, { more: 'b', less: 'c', same: false }], 'a', 'c') // 1
 */
export function impliedOrder(found: readonly Found[], a: string, b: string): -1 | 0 | 1 | null {
  const down = reach(found, a).get(b)
  const up = reach(found, b).get(a)
  // Going round in a circle, they are told apart by nothing.
  if (down !== undefined && up !== undefined) return 0
  if (down !== undefined) return down ? 1 : 0
  if (up !== undefined) return up ? -1 : 0
  return null
}

/** Everything at or below a start, with whether a step down lies between. */
function reach(found: readonly Found[], start: string): Map<string, boolean> {
  const strict = new Map<string, boolean>([[start, false]])
  const open = [start]
  for (let at = open.shift(); at !== undefined; at = open.shift()) {
    const stepped = defined(strict.get(at))
    for (const [to, step] of stepsFrom(found, at)) {
      const below = stepped || step
      if (strict.has(to) && (strict.get(to) || !below)) continue
      strict.set(to, below)
      open.push(to)
    }
  }
  strict.delete(start)
  return strict
}

function stepsFrom(found: readonly Found[], at: string): [to: string, strict: boolean][] {
  return found.flatMap(({ more, less, same }) => {
    if (more === at) return [[less, !same] as [string, boolean]]
    return same && less === at ? [[more, false] as [string, boolean]] : []
  })
}

/**
 * The shortest chain that leads back to where it began although it steps down: A over B, B over C, C over A.
 * @returns the comparisons of the chain in order; null where all agree
 * @example shortestContradiction(found)?.length // 3
 */
export function shortestContradiction(found: readonly Found[]): Found[] | null {
  let shortest: Found[] | null = null
  for (const first of found.filter((one) => !one.same)) {
    const back = chain(found, first.less, first.more)
    if (back && (shortest === null || back.length + 1 < shortest.length)) shortest = [first, ...back]
  }
  return shortest
}

/** The shortest way down from one to another, comparison by comparison; null where there is none. */
export function chain(found: readonly Found[], from: string, to: string): Found[] | null {
  const ways = new Map<string, Found[]>([[from, []]])
  const open = [from]
  for (let at = open.shift(); at !== undefined; at = open.shift()) {
    const way = defined(ways.get(at))
    if (at === to) return way
    for (const one of found) {
      const next = one.more === at ? one.less : one.same && one.less === at ? one.more : null
      if (next === null || ways.has(next)) continue
      ways.set(next, [...way, one.more === at ? one : { more: one.less, less: one.more, same: true }])
      open.push(next)
    }
  }
  return null
}
