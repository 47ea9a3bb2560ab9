import { itemAt } from '../defined'
import { orderedLevels, testingGroups, type Plan } from '../plan'
import { countedThing, listed } from '../quantity'
import { isInRounds, wayOf } from '../recording'
import type { PlacedActivity } from './activity'
import { testingParts } from './parts'
import type { FitsContext, Testing } from './testingOf'
import { minutesWords } from './minutesWords'

/** What the time of a test hangs on. */
export interface Binding {
  /** The thing that groups wait for; null where they do not wait, or where it takes more than one thing to wait less. */
  thing: string | null
  /** How many seconds one more of it would save. */
  saves: number
  /** In words: "The 2 balances are the queue: a third saves 11 minutes." */
  said: string
}

/** Less than that is no queue that anybody would feel, in seconds; and no more than two schedules of a large class may differ by chance. */
const worthSaying = { seconds: 60, share: 0.03 }
const ordinals = [
  '',
  '',
  'a second',
  'a third',
  'a fourth',
  'a fifth',
  'a sixth',
  'a seventh',
  'an eighth',
  'a ninth',
  'a tenth',
]

/**
 * What makes testing as long as it is: a thing that groups wait for, found by trying one more of it; or the tries, the turns or
 * the minutes themselves.
 * @param parts the testing of each lesson, as the plan stands
 * @example bindingOf(plan, context, testingParts(plan, context)).said // 'Nobody waits: each group has 10 tries of about 53 s, one after another.'
 */
export function bindingOf(plan: Plan, context: FitsContext, parts: readonly Testing[]): Binding {
  const [first] = parts
  if (!first || first.kind === 'home') return nothing('The testing is done at home.')
  const seconds = (all: readonly Testing[]) => all.reduce((sum, one) => sum + one.seconds, 0)
  const worth = Math.max(worthSaying.seconds, worthSaying.share * seconds(parts))
  const queues = [...first.owned].flatMap(([thing, howMany]) => {
    if (howMany >= testingGroups(plan, context.groups).length) return []
    const saves = seconds(parts) - seconds(testingParts(plan, context, new Map([[thing, 1]])))
    return saves >= worth ? [{ thing, saves, howMany }] : []
  })
  const queue = queues.sort((a, b) => b.saves - a.saves)[0]
  if (queue) return { thing: queue.thing, saves: queue.saves, said: queueSaid(queue) }
  const together = cheapestTogether(
    plan,
    context,
    first,
    (more) => seconds(parts) - seconds(testingParts(plan, context, more)),
    worth,
  )
  if (together) return { thing: null, saves: together.saves, said: together.said }
  return nothing(otherwise(plan, context, first))
}

/** Two or three things that save time only together: the fewest, and of those the most time. */
function cheapestTogether(
  plan: Plan,
  { groups }: FitsContext,
  { owned }: Testing,
  saved: (more: ReadonlyMap<string, number>) => number,
  worth: number,
): { saves: number; said: string } | null {
  const testing = testingGroups(plan, groups).length
  const scarce = [...owned].filter(([, howMany]) => howMany < testing).map(([thing]) => thing)
  for (const count of [2, 3]) {
    const best = combinations(scarce, count)
      .filter((more) => [...more].every(([thing, extra]) => (owned.get(thing) ?? 0) + extra <= testing))
      .map((more) => ({ more, saves: saved(more) }))
      .filter(({ saves }) => saves >= worth)
      .sort((a, b) => b.saves - a.saves)[0]
    if (best) return { saves: best.saves, said: togetherSaid(best.more, best.saves) }
  }
  return null
}

/** Every way to take so many things, some of them perhaps several times. */
function combinations(things: readonly string[], count: number): ReadonlyMap<string, number>[] {
  const [thing, ...rest] = things
  if (thing === undefined) return []
  return Array.from({ length: count + 1 }, (_, extra) => extra).flatMap((extra) => {
    if (extra === count) return [new Map([[thing, extra]])]
    return combinations(rest, count - extra).map(
      (more) => new Map([...(extra > 0 ? [[thing, extra] as const] : []), ...more]),
    )
  })
}

function togetherSaid(more: ReadonlyMap<string, number>, saves: number): string {
  const words = listed(
    [...more].map(([thing, extra]) =>
      extra === 1 ? `one more ${thing}` : `${extra} more ${countedThing(2, thing).replace(/^2 /, '')}`,
    ),
  )
  return `${words.replace(/^./, (first) => first.toUpperCase())} together save about ${minutesWords(saves)}; ${more.size === 1 ? 'one alone saves' : 'any of them alone saves'} hardly anything.`
}

const nothing = (said: string): Binding => ({ thing: null, saves: 0, said })

function queueSaid({ thing, saves, howMany }: { thing: string; saves: number; howMany: number }): string {
  const next = ordinals[howMany + 1] ?? 'another'
  const all = howMany === 1 ? `The one ${thing} is` : `The ${countedThing(howMany, thing)} are`
  return `${all} the queue: ${next} saves about ${minutesWords(saves)}.`
}

function otherwise(plan: Plan, { groups }: FitsContext, first: Testing): string {
  const stations = orderedLevels(plan).length
  if (first.kind === 'stations') {
    const turns = `${first.turns.length} turns of ${minutesWords(first.turnSeconds)}, as long as the slowest station takes`
    const wait = groups - stations
    return wait > 0
      ? `${turns}; ${wait === 1 ? 'one group waits' : `${wait} groups wait`} in each, since there are more groups than stations.`
      : `${turns}.`
  }
  if (first.kind === 'intervals')
    return `The last reading, at ${wayOf(plan).readMinutes(plan)?.at(-1)} minutes, says how long it takes.`
  const { tries, seconds } = busiest(first)
  if (tries === 0) return ''
  const longest = Math.max(0, ...first.groups.map(waiting))
  const waits =
    longest === 0
      ? 'Nobody waits'
      : longest < worthSaying.seconds
        ? 'Hardly anybody waits'
        : `A group waits up to ${minutesWords(longest)}, which makes it hardly longer`
  const [one, many] = isInRounds(plan) && plan.tries === 1 ? ['round', 'rounds'] : wayOf(plan).tryWord
  return `${waits}: each group has ${tries === 1 ? `one ${one} of about` : `${tries} ${many} of about`} ${minutesWords(seconds / tries)}${tries === 1 ? '' : ', one after another'}.`
}

/** How often the group with the most to do begins anew, and how long it is at it. */
function busiest({ groups }: Testing): { tries: number; seconds: number } {
  const all = groups.map((acts) => ({
    tries: new Set(acts.map((act) => `${act.levelId}|${act.tryNumber}`)).size,
    seconds: acts.at(-1)?.to ?? 0,
  }))
  return all.reduce((a, b) => (b.seconds > a.seconds ? b : a), { tries: 0, seconds: 0 })
}

/** How long a group stands by until what it needs is free, in seconds. */
function waiting(acts: readonly PlacedActivity[]): number {
  return acts.reduce((sum, act, index) => {
    const must = act.after ? itemAt(acts, act.after.act).to + act.after.seconds : 0
    return sum + act.from - Math.max(acts[index - 1]?.to ?? 0, must)
  }, 0)
}
