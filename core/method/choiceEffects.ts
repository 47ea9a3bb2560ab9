import { defined } from '../defined'
import { checkFair, type FairContext } from '../fair'
import { testingGroups, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { standingOf } from '../entries'
import { groupProgress } from '../recording'
import type { CupboardInstrument } from '../instrument'

/** One thing that a choice would do. */
export interface ChoiceEffect {
  /** *settles*: a finding goes; *asks*: a check would speak up; *says*: how much it is. */
  kind: 'settles' | 'asks' | 'says'
  text: string
}

/**
 * What a choice would do to the checks, said beside it before it is chosen: what Fair would ask, or ask no more; how many readings
 * a group would take; whether there are instruments enough.
 *
 * @param groups how many groups the class has
 * @example choiceEffects({ ...plan, levelOrder: 'same' }, plan, context, 6) // [{ kind: 'settles', text: 'settles what Fair asks' }]
 */
export function choiceEffects(
  before: Plan,
  after: Plan,
  context: FairContext & { cupboard: readonly CupboardInstrument[] },
  groups: number,
): ChoiceEffect[] {
  return [
    ...unit(before, after),
    ...readings(before, after, groups),
    ...fair(before, after, context),
    ...instruments(before, after, context, groups),
  ]
}

function readings(before: Plan, after: Plan, groups: number): ChoiceEffect[] {
  const [now, then] = [before, after].map((plan) => readingsOf(plan, groups)) as [Readings, Readings]
  if (now.each === then.each && now.all === then.all) return []
  return [{ kind: 'says', text: `${then.each} readings ${then.places === 1 ? 'in all' : 'a group'}` }]
}

/** Another kind of instrument brings another unit with it. */
function unit({ measured: now }: Plan, { measured: then }: Plan): ChoiceEffect[] {
  const [before, after] = [now, then].map((one) => unitDefinition(one.unit))
  if (defined(before).dimension === defined(after).dimension) return []
  return [{ kind: 'asks', text: `would measure in ${defined(after).spoken}` }]
}

interface Readings {
  each: number
  all: number
  places: number
}

function readingsOf(plan: Plan, groups: number): Readings {
  const places = testingGroups(plan, groups)
  const counts = places.map((place) => groupProgress(plan, String(place), place, standingOf([])).needed)
  return {
    each: Math.max(0, ...counts),
    all: counts.reduce((sum, count) => sum + count, 0),
    places: places.length,
  }
}

function fair(before: Plan, after: Plan, context: FairContext): ChoiceEffect[] {
  const now = checkFair(before, context).findings
  const then = checkFair(after, context).findings
  const codes = (of: typeof now) => new Set(of.map(({ code }) => code))
  const asked = then.find(({ code }) => !codes(now).has(code))
  const settled = now.some(({ code }) => !codes(then).has(code))
  return [
    ...(settled && !asked ? [{ kind: 'settles', text: 'settles what Fair asks' } as const] : []),
    ...(asked ? [{ kind: 'asks', text: asked.reason } as const] : []),
  ]
}

function instruments(
  before: Plan,
  after: Plan,
  { cupboard }: { cupboard: readonly CupboardInstrument[] },
  groups: number,
): ChoiceEffect[] {
  const few = tooFewInstruments(after, cupboard, groups)
  return few === null || few === tooFewInstruments(before, cupboard, groups)
    ? []
    : [{ kind: 'asks', text: few }]
}

/**
 * Says so when the cupboard holds fewer of an instrument than groups work at once; null where there are enough or nobody knows.
 * @example tooFewInstruments(plan, cupboard, 6) // null; 'Only 4 in the cupboard for 6 groups.' where there are 4
 */
export function tooFewInstruments(
  plan: Pick<Plan, 'measured' | 'whoTests'>,
  cupboard: readonly CupboardInstrument[],
  groups: number,
): string | null {
  const own = cupboard.find((one) => one.name === plan.measured.instrument.name)
  const working = testingGroups(plan, groups).length
  if (!own || own.howMany >= working) return null
  return `${own.howMany === 0 ? 'None' : `Only ${own.howMany}`} in the cupboard for ${working} groups.`
}
