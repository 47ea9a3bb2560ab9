import { itemAt } from '../../defined'
import { levelName, orderedLevels, type Level, type Plan } from '../../plan'
import { printNumber } from '../../quantity'
import type { Entry } from '../../entries'
import type { Step, Tiles } from '../way'
import type { FinishOrder } from './finishOrder'
import { heatsOf, type Heat } from './heats'

/** So many heats can be told apart side by side; of more it is counted how often each level came where. */
const heatsShown = 24

/**
 * The best level on top, with its place in each heat, or, of many heats, how often it took each place; and, of more heats than one, a podium
 * by mean places.
 */
export function placesByHeat(plan: Plan, counted: readonly Entry[]): Tiles {
  const heats = inGroups(heatsOf(counted))
  const levels = bestFirst(plan, heats)
  const rows = levels.map((level) => levelName(plan, level))
  const podium = heats.length > 1 ? { podium: podiumOf(plan, levels, heats) } : {}
  if (heats.length > heatsShown) return { ...howOften(levels, heats), rows, ...podium }
  const most = Math.max(1, levels.length - 1)
  return {
    of: { rows: plan.changed.name, columns: 'heat' },
    rows,
    columns: heats.map(({ entry }) => ({ head: String(entry.tryNumber), groupId: entry.groupId })),
    cells: levels.flatMap((level, row) =>
      heats.flatMap(({ order, places }, column) => {
        const place = places.get(level.id)
        if (place === undefined) return []
        const share = lastWins(plan) ? (place - 1) / most : 1 - (place - 1) / most
        return [{ row, column, text: placeSaid(order, level.id), share }]
      }),
    ),
    ...podium,
  }
}

/** A step for each level that ran, as high as its mean place is good. */
function podiumOf(plan: Plan, levels: readonly Level[], heats: readonly Heat[]): Step[] {
  return levels.flatMap((level, row) => {
    const mean = meanPlace(heats, level.id)
    if (mean === null) return []
    const height = (lastWins(plan) ? mean : levels.length + 1 - mean) / levels.length
    return [{ row, text: printNumber(mean, 1, 2), height }]
  })
}

/** The place at which those with it begin, as it is called out: "2=". */
function placeSaid({ places, out }: FinishOrder, id: string): string {
  if (out.includes(id)) return 'out'
  const at = places.findIndex((together) => together.includes(id))
  const place = places.slice(0, at).flat().length + 1
  return `${place}${itemAt(places, at).length > 1 ? '=' : ''}`
}

function howOften(levels: readonly Level[], heats: Heat[]): Omit<Tiles, 'rows'> {
  const called = ({ order }: Heat, id: string) => placeSaid(order, id).replace('=', '')
  const heads = [...levels.map((_, index) => String(index + 1)), 'out']
  return {
    of: { rows: 'how often', columns: 'place' },
    columns: heads.map((head) => ({ head, groupId: null })),
    cells: levels.flatMap((level, row) => {
      const ran = heats.filter(({ places }) => places.has(level.id))
      return heads.flatMap((head, column) => {
        const times = ran.filter((heat) => called(heat, level.id) === head).length
        return times === 0 ? [] : [{ row, column, text: `${times}×`, share: times / ran.length }]
      })
    }),
  }
}

/**
 * The mean place of a level over the heats in which it ran; null where it ran in none.
 * @example meanPlace(heatsOf(entries), 'wool') // 1.25
 */
export function meanPlace(heats: readonly Heat[], levelId: string): number | null {
  const own = heats.flatMap(({ places }) => places.get(levelId) ?? [])
  return own.length === 0 ? null : own.reduce((total, one) => total + one, 0) / own.length
}

/** By what best means: of a test in which the slowest wins, the last to come in stands on top. */
function bestFirst(plan: Plan, heats: readonly Heat[]): Level[] {
  const turn = lastWins(plan) ? -1 : 1
  const placed = (level: Level) => turn * (meanPlace(heats, level.id) ?? turn * Infinity)
  return [...orderedLevels(plan)].sort((a, b) => compared(placed(a), placed(b)))
}

const lastWins = (plan: Plan) => plan.best === 'least'

/** Two of infinite place, which never ran, keep their order. */
const compared = (a: number, b: number) => (a === b ? 0 : a - b)

/** The heats of a group beside one another, in their order. */
function inGroups(heats: Heat[]): Heat[] {
  const groups = [...new Set(heats.map(({ entry }) => entry.groupId))]
  return [...heats].sort(
    (a, b) =>
      groups.indexOf(a.entry.groupId) - groups.indexOf(b.entry.groupId) ||
      a.entry.tryNumber - b.entry.tryNumber,
  )
}
