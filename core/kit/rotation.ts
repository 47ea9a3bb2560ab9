import { itemAt } from '../defined'

/** A thing that groups take turns with, and how many of it there are. */
export interface Turnable {
  id: string
  howMany: number
}

/**
 * Who has what in which turn, so that every group has every thing once and none is in two places: as few turns
 * as there can be, which is as many as there are things, or as one thing takes to go round, whichever is more.
 * (Each copy of a thing is a place that serves one group a turn: an edge colouring of groups against places with
 * as many colours as the busiest has edges, which always exists: König 1916.)
 *
 * @returns for each turn, for each group, the thing's id, or null where the group waits
 * @throws RangeError when there is none of a thing
 * @example rotation(6, [{ id: 'lamp', howMany: 3 }]) // [[null, null, null, 'lamp', 'lamp', 'lamp'], ['lamp', 'lamp', 'lamp', null, null, null]]
 */
export function rotation(groups: number, things: readonly Turnable[]): (string | null)[][] {
  if (things.some((one) => !(one.howMany >= 1)))
    throw new RangeError('there must be at least one of each thing')
  const turns = Math.max(
    things.length,
    ...things.map((one) => Math.ceil(groups / Math.min(groups, Math.floor(one.howMany)))),
  )
  if (groups === 0 || things.length === 0) return []
  const places: { thing: string; groups: number[] }[] = things.flatMap((one) => {
    const copies = Math.min(groups, Math.floor(one.howMany))
    return Array.from({ length: copies }, (_, copy) => ({
      thing: one.id,
      groups: Array.from({ length: groups }, (_, group) => group).filter((group) => group % copies === copy),
    }))
  })
  /** Place by group and turn, and group by place and turn; -1 for none. */
  const placeAt = Array.from({ length: groups }, () => new Array<number>(turns).fill(-1))
  const groupAt = places.map(() => new Array<number>(turns).fill(-1))
  for (const [place, { groups: own }] of places.entries())
    for (const group of own) {
      const freeForGroup = itemAt(placeAt, group).indexOf(-1)
      const freeForPlace = itemAt(groupAt, place).indexOf(-1)
      if (freeForGroup !== freeForPlace) swapPath(placeAt, groupAt, place, freeForGroup, freeForPlace)
      itemAt(placeAt, group)[freeForGroup] = place
      itemAt(groupAt, place)[freeForGroup] = group
    }
  return Array.from({ length: turns }, (_, turn) =>
    placeAt.map((own) => (own[turn] === -1 ? null : itemAt(places, itemAt(own, turn)).thing)),
  )
}

/** Frees `turn` at a place by exchanging the two turns all along the path that begins there. */
function swapPath(
  placeAt: number[][],
  groupAt: number[][],
  start: number,
  turn: number,
  other: number,
): void {
  const path: [place: number, group: number, at: number][] = []
  let place = start
  for (let at = turn; ;) {
    const group = itemAt(itemAt(groupAt, place), at)
    if (group === -1) break
    path.push([place, group, at])
    const back = at === turn ? other : turn
    const next = itemAt(itemAt(placeAt, group), back)
    if (next === -1) break
    path.push([next, group, back])
    place = next
    at = turn
  }
  for (const [at, group, when] of path) {
    itemAt(groupAt, at)[when] = -1
    itemAt(placeAt, group)[when] = -1
  }
  for (const [at, group, when] of path) {
    const swapped = when === turn ? other : turn
    itemAt(groupAt, at)[swapped] = group
    itemAt(placeAt, group)[swapped] = at
  }
}
