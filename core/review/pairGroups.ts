/** What is known of the groups when they are paired. */
export interface PairingFacts {
  /** The groups that have something to look at. */
  hosts: readonly string[]
  /** How differently two groups ordered what they compared, from 0 to 1 (`disagreement`). */
  differ: (a: string, b: string) => number
  /** How often a group has visited another before. */
  before: (visitor: string, host: string) => number
}

/** What a visitor without a host, a further visitor to one host, and a second visit to it cost, against differences from 0 to 1. */
const costs = { nobody: 1e6, crowd: 1e4, again: 100 }

/**
 * The group that each group visits, by the visitors' id: nobody themselves, each as seldom visited as can be, nobody twice while others
 * are left, and then where the two found most different things, since there is most to ask. It is exact: the best of all ways to pair
 * them, by going through the places at each host with every set of visitors that may be served by then.
 * A group without anybody to visit is left out, as is everybody where no group has read anything.
 * @param visitors ids of the groups, 12 at most, in their order
 * @throws RangeError for more than 12 groups
 * @example pairGroups(['leaf', 'bell'], { hosts: ['leaf', 'bell'], differ: () => 0, before: () => 0 }) // { leaf: 'bell', bell: 'leaf' }
 */
export function pairGroups(
  visitors: readonly string[],
  { hosts, differ, before }: PairingFacts,
): Record<string, string> {
  if (visitors.length > 12) throw new RangeError('at most 12 groups can be paired')
  if (hosts.length === 0) return {}
  const each = hosts.length === 1 ? visitors.length : Math.ceil(visitors.length / hosts.length)
  const places = Array.from({ length: each }, (_, nth) => hosts.map((host) => ({ host, nth }))).flat()
  const value = (visitor: string, host: string, nth: number) =>
    costs.nobody - costs.crowd * nth - costs.again * before(visitor, host) + differ(visitor, host)
  /** The best pairing that serves each set of visitors, by its bits. */
  let best = new Map<number, { total: number; hosts: Record<string, string> }>([[0, { total: 0, hosts: {} }]])
  for (const { host, nth } of places) {
    // A place may stay empty.
    const next = new Map(best)
    for (const [served, { total, hosts: so }] of best)
      for (const [place, visitor] of visitors.entries()) {
        if (visitor === host || (served & (1 << place)) !== 0) continue
        const now = served | (1 << place)
        const sum = total + value(visitor, host, nth)
        const known = next.get(now)
        if (!known || sum > known.total) next.set(now, { total: sum, hosts: { ...so, [visitor]: host } })
      }
    best = next
  }
  const found = [...best.values()].reduce((a, b) => (b.total > a.total ? b : a))
  return Object.fromEntries(
    visitors.flatMap((visitor) => {
      const host = found.hosts[visitor]
      return host === undefined ? [] : [[visitor, host]]
    }),
  )
}
