import { defined } from '../../defined'
import type { Plan } from '../../plan'
import { unitDefinition } from '../../quantity'
import { usesInstrument, wayOf } from '../../recording'

/** What children do in a group while it tests. */
export const roles = ['starter', 'measurer', 'timer', 'recorder', 'kit keeper'] as const
export type Role = (typeof roles)[number]

/** What each of them does, in a sentence. */
export const roleDoes: Record<Role, string> = {
  starter: 'starts the try',
  measurer: 'reads',
  timer: 'times',
  recorder: 'writes down',
  'kit keeper': 'keeps the tray in order',
}

/**
 * The roles that a plan has work for: nobody times where nothing is timed.
 * @example rolesOf(plan) // ['starter', 'measurer', 'recorder', 'kit keeper']
 */
export function rolesOf(plan: Plan): Role[] {
  const timed =
    wayOf(plan).readMinutes(plan) !== null ||
    wayOf(plan).seconds(plan) !== null ||
    (usesInstrument(plan) && unitDefinition(plan.measured.unit).dimension === 'time')
  return roles.filter((role) => role !== 'timer' || timed)
}

/** How often each child has had each role, by the child's id. */
export type RoleCounts = Readonly<Record<string, Readonly<Partial<Record<Role, number>>>>>

/** Who has which role in one try, by role: the child's id. */
export type TryRoles = Partial<Record<Role, string>>

/**
 * Who has which role in each of so many tries, so that over all tries and lessons every child has had every role as often as any other,
 * as nearly as can be. In each try the roles go to those who have had them least; where there are as many children as roles nobody has
 * two. Who is absent today is not named, and comes to his turns when he is there again, since he has had them less often.
 *
 * @param members the ids of the children who are there, in their order
 * @param before what each has had in earlier lessons
 * @returns for each try, by role the child's id; empty where nobody is there
 * @example turnRoles(['a', 'b'], ['starter', 'recorder'], {}, 2) // [{ starter: 'a', recorder: 'b' }, { starter: 'b', recorder: 'a' }]
 */
export function turnRoles(
  members: readonly string[],
  wanted: readonly Role[],
  before: RoleCounts,
  tries: number,
): TryRoles[] {
  if (members.length === 0) return []
  const had = new Map(members.map((id) => [id, { ...before[id] }]))
  return Array.from({ length: tries }, () => {
    const chosen = shareOut(members, wanted, had)
    for (const role of wanted) {
      const own = defined(had.get(defined(chosen[role])))
      own[role] = (own[role] ?? 0) + 1
    }
    return chosen
  })
}

/**
 * What children have had after so many tries, added to what they had before.
 * @example countRoles([{ starter: 'a' }, { starter: 'a' }], { a: { starter: 1 } }).a // { starter: 3 }
 */
export function countRoles(
  tries: readonly TryRoles[],
  before: RoleCounts = {},
): Record<string, Partial<Record<Role, number>>> {
  const counts = Object.fromEntries(Object.entries(before).map(([id, own]) => [id, { ...own }]))
  for (const one of tries)
    for (const [role, id] of Object.entries(one) as [Role, string][]) {
      const own = (counts[id] ??= {})
      own[role] = (own[role] ?? 0) + 1
    }
  return counts
}

/** The roles of one try: of all ways to give them, the one that asks least of those who have had them most. */
function shareOut(
  members: readonly string[],
  wanted: readonly Role[],
  had: ReadonlyMap<string, Partial<Record<Role, number>>>,
): TryRoles {
  const most = Math.ceil(wanted.length / members.length)
  // A second turn weighs more than a first, so that turns stay even; who sits further on comes later among equals.
  const cost = (id: string, role: Role) => 2 * (defined(had.get(id))[role] ?? 0) + 1
  const total = (id: string) => Object.values(defined(had.get(id))).reduce((sum, count) => sum + count, 0)
  // Nobody has a second role while somebody has none.
  const beside = (id: string) => 1e6 * defined(loads.get(id))
  const loads = new Map(members.map((id) => [id, 0]))
  let best: { cost: number; chosen: TryRoles } = { cost: Infinity, chosen: {} }
  const give = (index: number, spent: number, chosen: TryRoles): void => {
    if (spent >= best.cost) return
    const role = wanted[index]
    if (role === undefined) {
      best = { cost: spent, chosen: { ...chosen } }
      return
    }
    const price = (id: string) => cost(id, role) + beside(id)
    const order = [...members].sort((a, b) => price(a) - price(b) || total(a) - total(b))
    for (const id of order) {
      if (defined(loads.get(id)) >= most) continue
      const paid = spent + price(id)
      loads.set(id, defined(loads.get(id)) + 1)
      give(index + 1, paid, { ...chosen, [role]: id })
      loads.set(id, defined(loads.get(id)) - 1)
    }
  }
  give(0, 0, {})
  return best.chosen
}
