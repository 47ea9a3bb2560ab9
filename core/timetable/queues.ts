import { firstOf, itemAt, defined } from '../defined'
import type { Activity, PlacedActivity } from './activity'
import { tails } from './lowerBound'

/** The next act of a group that waits for something shared, and what is known of it. */
export interface Turn {
  group: number
  /** When it can begin. */
  start: number
  /** When it would be done. */
  end: number
  /** How long it takes from its beginning to the end of the group's last act. */
  tail: number
}

/**
 * Groups that work through their acts, each taking what it needs as soon as it is free once it is its turn. Acts that need nothing that
 * is scarce are done at once. It can be gone back one turn at a time, for a search.
 */
export class Queues {
  readonly groups: readonly (readonly Activity[])[]
  private readonly things: readonly string[]
  private readonly tail: number[][]
  /** For each act the places of the scarce things that it takes. */
  private readonly takes: number[][][]
  /** When each copy of a thing is free again, the earliest first. */
  private free: number[][]
  private readonly starts: number[][]
  private readonly at: number[]

  constructor(groups: readonly (readonly Activity[])[], owned: ReadonlyMap<string, number>) {
    this.groups = groups
    this.things = scarceOf(groups, owned)
    this.tail = groups.map((acts) => tails(acts))
    this.takes = groups.map((acts) =>
      acts.map((act) => act.uses.map((name) => this.things.indexOf(name)).filter((place) => place >= 0)),
    )
    this.free = this.things.map((name) => new Array<number>(defined(owned.get(name))).fill(0))
    this.starts = groups.map((acts) => new Array<number>(acts.length).fill(0))
    this.at = groups.map(() => 0)
    for (const group of groups.keys()) this.goOn(group)
  }

  /** Whose turns there are; none once all is done. */
  turns(): Turn[] {
    return this.groups.flatMap((acts, group) => {
      const index = itemAt(this.at, group)
      const act = acts[index]
      if (!act) return []
      const start = Math.max(
        this.ready(group, index),
        ...itemAt(itemAt(this.takes, group), index).map((thing) => firstOf(itemAt(this.free, thing))),
      )
      return [{ group, start, end: start + act.seconds, tail: itemAt(itemAt(this.tail, group), index) }]
    })
  }

  /** Gives a turn to a group. The answer takes it back. */
  take({ group, start, end }: Turn): () => void {
    const index = itemAt(this.at, group)
    const before = this.free
    itemAt(this.starts, group)[index] = start
    this.free = before.map((copies, thing) =>
      itemAt(itemAt(this.takes, group), index).includes(thing)
        ? [...copies.slice(1), end].sort((a, b) => a - b)
        : copies,
    )
    this.at[group] = index + 1
    this.goOn(group)
    return () => {
      this.at[group] = index
      this.free = before
    }
  }

  /** How long all takes at the least, from here on. */
  bound(turns: readonly Turn[]): number {
    let bound = this.seconds()
    for (const { start, tail } of turns) bound = Math.max(bound, start + tail)
    for (const [thing, copies] of this.free.entries()) {
      let [work, first, behind] = [0, Infinity, Infinity]
      for (const { group, start } of turns) {
        const left = this.left(group, thing)
        if (left.seconds === 0) continue
        work += left.seconds
        first = Math.min(first, start)
        behind = Math.min(behind, left.behind)
      }
      if (work > 0)
        bound = Math.max(
          bound,
          (copies.reduce((sum, free) => sum + Math.max(free, first), 0) + work) / copies.length + behind,
        )
    }
    return bound
  }

  /** When the last act so far is done. */
  seconds(): number {
    return Math.max(0, ...this.groups.map((_, group) => this.endOf(group, itemAt(this.at, group) - 1)))
  }

  /** Everything that matters for what is still to come: how far each group is, and the times that later acts go by. */
  state(): { key: string; times: number[] } {
    const pending = this.groups.flatMap((acts, group) =>
      acts.flatMap(({ after }, index) =>
        after && index >= itemAt(this.at, group) && after.act < itemAt(this.at, group)
          ? [this.endOf(group, after.act)]
          : [],
      ),
    )
    return {
      key: this.at.join(),
      times: [
        ...this.groups.map((_, group) => this.endOf(group, itemAt(this.at, group) - 1)),
        ...this.free.flat(),
        ...pending,
      ],
    }
  }

  placed(): PlacedActivity[][] {
    return this.groups.map((acts, group) =>
      acts.map((act, index) => ({
        ...act,
        from: itemAt(itemAt(this.starts, group), index),
        to: this.endOf(group, index),
      })),
    )
  }

  private endOf(group: number, index: number): number {
    return index < 0
      ? 0
      : itemAt(itemAt(this.starts, group), index) + itemAt(itemAt(this.groups, group), index).seconds
  }

  private ready(group: number, index: number): number {
    const { after } = itemAt(itemAt(this.groups, group), index)
    return Math.max(this.endOf(group, index - 1), after ? this.endOf(group, after.act) + after.seconds : 0)
  }

  /** What needs nothing scarce is done at once. */
  private goOn(group: number) {
    const acts = itemAt(this.groups, group)
    for (let index = itemAt(this.at, group); index < acts.length; index++) {
      this.at[group] = index
      if (itemAt(itemAt(this.takes, group), index).length > 0) return
      itemAt(this.starts, group)[index] = this.ready(group, index)
    }
    this.at[group] = acts.length
  }

  private readonly kept = new Map<string, { seconds: number; behind: number }>()
  /** How long a group still uses a thing, and what comes behind its last use. */
  private left(group: number, thing: number): { seconds: number; behind: number } {
    const key = `${group}|${thing}|${itemAt(this.at, group)}`
    const known = this.kept.get(key)
    if (known) return known
    const acts = itemAt(this.groups, group)
    let [seconds, behind] = [0, Infinity]
    for (let index = itemAt(this.at, group); index < acts.length; index++)
      if (itemAt(itemAt(this.takes, group), index).includes(thing)) {
        seconds += itemAt(acts, index).seconds
        behind = itemAt(itemAt(this.tail, group), index) - itemAt(acts, index).seconds
      }
    const left = { seconds, behind }
    this.kept.set(key, left)
    return left
  }
}

/** The things of which there are fewer than groups that want them. */
export function scarceOf(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
): string[] {
  return [...owned].flatMap(([name, howMany]) => {
    const wanted = groups.filter((acts) => acts.some((act) => act.uses.includes(name))).length
    return wanted > howMany ? [name] : []
  })
}
