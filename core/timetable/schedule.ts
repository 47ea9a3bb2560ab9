import { itemAt } from '../defined'
import { seededRandom } from '../random'
import type { Activity, Schedule } from './activity'
import { lowerBound } from './lowerBound'
import { Queues, scarceOf, type Turn } from './queues'

/** How many turns a search may try before it is content with the best so far, and how many passes by chance. */
export interface Effort {
  turns: number
  passes: number
}
const usualEffort: Effort = { turns: 20_000, passes: 24 }
/** With more ways to be on than this, a search comes to nothing in any time that somebody would wait. */
const searchable = 50_000
const seed = 20260309

/** Rules by which a turn is given: whoever can begin first, and of those who has most to do; or the other way round. */
const rules: ((a: Turn, b: Turn) => number)[] = [
  (a, b) => a.start - b.start || b.tail - a.tail,
  (a, b) => b.tail - a.tail || a.start - b.start,
  (a, b) => a.end - b.end || b.tail - a.tail,
  (a, b) => b.start + b.tail - (a.start + a.tail) || a.start - b.start,
]

/**
 * Who does what when, so that all groups are done as soon as can be although things are shared. Rules give the first schedules. A small
 * class is then searched through for the shortest, in all orders that are worth it (Giffler & Thompson 1960, without states that are no
 * better than known ones); in a large one turns are given by a rule and a little chance, from a fixed seed, and the best is kept.
 *
 * @param owned how many there are of each shared thing; of what is not named there are enough
 * @returns times in seconds since testing began; `proven` where no order can be shorter
 * @throws RangeError when there is none of a thing that is used
 * @example schedule(groupActivities(plan, { age: '7-9', groups: 2, lessonMinutes: 45 }), new Map()).seconds // 530
 */
export function schedule(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
  effort = usualEffort,
): Schedule {
  const used = new Set(groups.flatMap((acts) => acts.flatMap((act) => act.uses)))
  for (const [name, howMany] of owned)
    if (used.has(name) && !(howMany >= 1)) throw new RangeError(`there is no ${name}`)
  const bound = lowerBound(groups, owned)
  const first = rules
    .map((rule) => byRule(groups, owned, rule))
    .reduce((a, b) => (b.seconds < a.seconds ? b : a))
  if (first.seconds <= bound) return { ...first, proven: true }
  if (states(groups, owned) <= searchable) return searched(groups, owned, first, bound, effort.turns)
  const best = byChance(groups, owned, first, bound, effort.passes)
  return { ...best, proven: best.seconds <= bound }
}

/** Whoever could only begin once another is done may as well come after it. */
function worthTrying(turns: readonly Turn[]): Turn[] {
  const soonest = Math.min(...turns.map((turn) => turn.end))
  return turns.filter((turn) => turn.start < soonest || turn.end === soonest)
}

/** How many ways there are to be on: each group at any of its turns. */
function states(groups: readonly (readonly Activity[])[], owned: ReadonlyMap<string, number>): number {
  const scarce = new Set(scarceOf(groups, owned))
  return groups.reduce(
    (product, acts) => product * (1 + acts.filter((act) => act.uses.some((name) => scarce.has(name))).length),
    1,
  )
}

function searched(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
  first: Omit<Schedule, 'proven'>,
  bound: number,
  effort: number,
): Schedule {
  let best = first
  const queues = new Queues(groups, owned)
  const known = new Map<string, number[][]>()
  let tried = 0
  const search = (): void => {
    if (++tried > effort || best.seconds <= bound) return
    const turns = queues.turns()
    if (turns.length === 0) {
      if (queues.seconds() < best.seconds) best = { groups: queues.placed(), seconds: queues.seconds() }
      return
    }
    if (queues.bound(turns) >= best.seconds || isNoBetter(queues, known)) return
    for (const turn of worthTrying(turns).sort(rules[0])) {
      const back = queues.take(turn)
      search()
      back()
    }
  }
  search()
  return { ...best, proven: tried <= effort || best.seconds <= bound }
}

/** Passes in which whoever has a little less to do may come first. */
function byChance(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
  first: Omit<Schedule, 'proven'>,
  bound: number,
  passes: number,
): Omit<Schedule, 'proven'> {
  const random = seededRandom(seed)
  let best = first
  for (let pass = 0; pass < passes && best.seconds > bound; pass++) {
    const shake = groups.map(() => 1 + 0.3 * (random() - 0.5))
    const weight = (turn: Turn) => turn.start - itemAt(shake, turn.group) * turn.tail
    const made = byRule(groups, owned, (a, b) => weight(a) - weight(b))
    if (made.seconds < best.seconds) best = made
  }
  return best
}

function byRule(
  groups: readonly (readonly Activity[])[],
  owned: ReadonlyMap<string, number>,
  rule: (a: Turn, b: Turn) => number,
): Omit<Schedule, 'proven'> {
  const queues = new Queues(groups, owned)
  for (let turns = queues.turns(); turns.length > 0; turns = queues.turns()) {
    queues.take(worthTrying(turns).reduce((a, b) => (rule(b, a) < 0 ? b : a)))
  }
  return { groups: queues.placed(), seconds: queues.seconds() }
}

/** Whether the groups were as far before, and at no time later. */
function isNoBetter(queues: Queues, known: Map<string, number[][]>): boolean {
  const { key, times } = queues.state()
  const before = known.get(key) ?? []
  if (before.some((other) => other.every((time, index) => time <= itemAt(times, index)))) return true
  known.set(key, [
    ...before.filter((other) => !times.every((time, index) => time <= itemAt(other, index))),
    times,
  ])
  return false
}
