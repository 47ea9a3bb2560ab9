import { firstOf, defined } from '../../defined'
import { levelName, orderedLevels, type Plan } from '../../plan'
import { capital, listed } from '../../quantity'
import type { Entry } from '../../entries'
import { levelGaveMore } from '../../words'
import { levelSaid } from '../plainWay'
import { growOrder } from './insertion'
import { asRank } from './rankWords'
import { chain, impliedOrder, type Found } from './relation'
import { levelsOfRow, rowsOf } from './rows'

/** How far a group's order has come, in words. */
export interface PairsLine {
  /** Names of what has its place, from most to least; those that are the same stand together. */
  line: string[][]
  /** Pairs that need not be compared since the latest comparison, the easiest to see first. */
  follows: FollowingPair[]
}

/** A pair of which it is known how it would come out. */
export interface FollowingPair {
  /** The names of both, in the order of the plan, which gives nothing away. */
  pair: readonly string[]
  /** The name of the one that has more. */
  more: string
  /** Why: "Granite was harder than slate and slate was harder than chalk, so granite was harder than chalk." */
  said: string
}

/**
 * The line of things that grows as comparisons come in, and which pairs follow from others, so that nobody has to compare them.
 * @returns an empty line before the first comparison
 * @example pairsLine(rocks, counted, 'leaf', 1).line // [['granite'], ['slate'], ['chalk']]
 */
export function pairsLine(
  plan: Plan,
  counted: readonly Entry[],
  groupId: string,
  tryNumber: number,
): PairsLine {
  const row = rowsOf(plan, counted).find((one) => one.groupId === groupId && one.tryNumber === tryNumber)
  if (!row) return { line: [], follows: [] }
  const { found } = row
  const { order } = growOrder(levelsOfRow(plan, found), found)
  const placed = order.flat()
  const isCompared = (a: string, b: string) =>
    found.some(({ more, less }) => (more === a && less === b) || (more === b && less === a))
  const follows = placed.flatMap((a, place) =>
    placed.slice(place + 1).flatMap((b) => {
      // What goes round in a circle settles nothing.
      const isSettled = !isCompared(a, b) && impliedOrder(found, a, b) === 1
      return isSettled ? [{ a, b, steps: defined(chain(found, a, b)) }] : []
    }),
  )
  // What the latest comparison settles is what the group has just seen, the shortest way first.
  const latest = found.at(-1)
  const isNew = ({ steps }: { steps: Found[] }) =>
    steps.some((step) => latest !== undefined && isSamePair(step, latest))
  return {
    line: order.map((together) => together.map((id) => levelSaid(plan, id))),
    follows: follows
      .filter(isNew)
      .sort((one, other) => one.steps.length - other.steps.length)
      .map(({ a, b, steps }) => ({
        pair: namesOf(plan, a, b),
        more: firstOf(namesOf(plan, a)),
        said: followsSaid(plan, a, b, steps),
      })),
  }
}

/** In the order of the plan. */
const namesOf = (plan: Plan, ...ids: string[]) =>
  orderedLevels(plan)
    .filter(({ id }) => ids.includes(id))
    .map((level) => levelName(plan, level))

const isSamePair = (one: Found, other: Found) =>
  (one.more === other.more && one.less === other.less) || (one.more === other.less && one.less === other.more)

function followsSaid(plan: Plan, a: string, b: string, steps: readonly Found[]): string {
  const measured = asRank(plan)
  const said = (more: string, less: string, same: boolean) =>
    levelGaveMore(measured, levelSaid(plan, more), same ? 'same' : 'more', levelSaid(plan, less))
  const known = steps.map(({ more, less, same }) => said(more, less, same))
  return `${capital(listed(known))}, so ${said(a, b, false)}.`
}
