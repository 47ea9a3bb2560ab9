import { itemAt } from '../defined'
import type { CupboardInstrument } from '../instrument'
import { orderedLevels, testingGroups, type Plan } from '../plan'
import { wayOf } from '../recording'
import type { Activity, PlacedActivity } from './activity'
import { groupActivities, laterActivities } from './groupActivities'
import { adult, adultsOf, adultSeconds, waitsForAdult, withAdult } from './adults'
import { unfold, withHolding } from './holding'
import { earliestEnds, lowerBound } from './lowerBound'
import { schedule } from './schedule'
import { ownedOf, withTurns } from './ownedThings'
import { readersOf } from './readers'
import { readsOverlap, stagger } from './stagger'
import { stationTurns } from './stationTurns'
import { trySeconds, type Hands, type TimesContext } from './usualTimes'

/** What time goes by besides the plan. */
export interface FitsContext extends TimesContext {
  cupboard: readonly CupboardInstrument[]
}

/** One container and when it is started, in seconds since testing began. */
export interface Start {
  groupIndex: number
  levelId: string
  tryNumber: number
  at: number
}

/** The testing of a lesson in time. All times in seconds since it began. */
export interface Testing {
  kind: 'tries' | 'intervals' | 'stations' | 'home'
  groups: PlacedActivity[][]
  seconds: number
  /** It cannot be shorter than that, however it is ordered. */
  bound: number
  proven: boolean
  /** How many there are of what is shared. */
  owned: ReadonlyMap<string, number>
  /** Where each container is started at its own time. */
  starts: Start[]
  /** At stations: which one each group is at in each turn, and how long a turn is. */
  turns: (number | null)[][]
  turnSeconds: number
  /** Why it cannot be done at all. */
  problem: string | null
}

/** From one station to the next, in seconds: a stated assumption. */
const moveSeconds = 30

const none = {
  ...{ starts: [], turns: [], turnSeconds: 0, problem: null, groups: [], seconds: 0, bound: 0, proven: true },
}

/**
 * The testing of a lesson: who does what when, how long all of it takes, and how long it takes at the least.
 * @param more of which thing to count more than there are, and how many more
 * @param day which of its days, where it goes on over several; 0 is the first
 * @example testingOf(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard }).seconds // 530
 */
export function testingOf(
  plan: Plan,
  context: FitsContext,
  more: ReadonlyMap<string, number> = new Map(),
  day = 0,
): Testing {
  const shared = ownedOf(plan, context.cupboard)
  if (waitsForAdult(plan, context.age)) shared.set(adult, adultsOf(plan))
  const owned = new Map([...shared].map(([name, howMany]) => [name, howMany + (more.get(name) ?? 0)]))
  if (plan.whoTests === 'at-home') return { ...none, kind: 'home', owned }
  const minutes = wayOf(plan).readMinutes(plan)
  if (minutes) return byMinutes(plan, minutes, context, owned)
  const needsAdult = adultsAreScarce(plan, context, owned)
  const acts = (day === 0 ? groupActivities(plan, context) : laterActivities(plan, context, day))
    .map((own) => (needsAdult ? withAdult(own) : own))
    .map((own) => withTurns(own, plan))
  // Where all levels are needed at once, nobody can go from one to the next.
  const atStations = plan.whoTests === 'stations' && wayOf(plan).layout(plan) !== 'together'
  if (atStations) return { ...none, kind: 'stations', owned, ...turning(plan, acts) }
  const read = owned.get(plan.measured.instrument.name) ?? Infinity
  const isScarce = read < testingGroups(plan, context.groups).length
  const pieces = acts.map((own) => withHolding(own, plan, isScarce))
  const inPieces = pieces.map((one) => one.acts)
  const made = schedule(inPieces, owned)
  const groups = made.groups.map((placed, at) => unfold(placed, itemAt(pieces, at)))
  return { ...none, kind: 'tries', owned, ...made, groups, bound: lowerBound(inPieces, owned) }
}

/** Whether groups have to wait for an adult; the adults are then among what is shared. */
function adultsAreScarce(
  plan: Plan,
  { age, groups }: FitsContext,
  owned: ReadonlyMap<string, number>,
): boolean {
  return (owned.get(adult) ?? Infinity) < testingGroups(plan, groups).length && waitsForAdult(plan, age)
}

/** Containers that are read at their own minutes, started so that nobody has to read two at once. */
function byMinutes(
  plan: Plan,
  minutes: readonly number[],
  context: FitsContext,
  owned: ReadonlyMap<string, number>,
): Testing {
  const { groups } = context
  const places = testingGroups(plan, groups)
  const { thing, ownEach: alone, atOnce, seconds: each } = readersOf(plan, owned, context)
  const own = containersOf(plan, places[0] ?? 0)
  const readings = { minutes, readingSeconds: each }
  if (readsOverlap(readings))
    return {
      ...none,
      kind: 'intervals',
      owned,
      problem: 'A reading takes longer than until the next one of the same container. Read less often.',
    }
  const setUp = Math.max(0, ...own.map((slot) => trySeconds(plan, slot.levelId ?? '', context).setUp))
  const reset = own.reduce((sum, slot) => sum + trySeconds(plan, slot.levelId ?? '', context).reset, 0)
  // With too few adults, one pours at one table after another before anybody begins the next container.
  const adults = owned.get(adult) ?? Infinity
  const pouring = adults < places.length ? adultSeconds : 0
  const startSeconds = alone
    ? Math.max(setUp, pouring * Math.ceil(places.length / adults))
    : Math.max(Math.ceil(setUp / Math.max(1, places.length)), Math.ceil(pouring / adults))
  const containers = own.length * (alone ? 1 : places.length)
  const readers = Math.min(atOnce, Math.max(1, containers))
  const { offsets, seconds, proven } = stagger({ ...readings, containers, readers, startSeconds })
  const starts = offsets.flatMap((offset, index): Start[] => {
    const turn = alone ? index : Math.floor(index / places.length)
    return (alone ? places : [itemAt(places, index % places.length)]).map((groupIndex, place) => {
      const slots = containersOf(plan, groupIndex)
      const slot = itemAt(slots, turn % slots.length)
      const waits = alone ? pouring * Math.floor(place / adults) : 0
      return {
        groupIndex,
        levelId: slot.levelId ?? '',
        tryNumber: slot.tryNumber,
        at: setUp + offset + waits,
      }
    })
  })
  /** How much later the last group begins than the first, where an adult goes from one to the next. */
  const lastPoured = alone && places.length > 0 ? pouring * Math.floor((places.length - 1) / adults) : 0
  const alike = { ...readings, containers: own.length, readers: Math.max(1, own.length) }
  const free = stagger({ ...alike, startSeconds: setUp })
  return {
    ...none,
    kind: 'intervals',
    owned,
    starts,
    groups: Array.from({ length: groups }, (_, groupIndex) =>
      actsFrom(
        plan,
        starts.filter((one) => one.groupIndex === groupIndex),
        { minutes, setUp, each, thing, hands: context },
      ),
    ),
    seconds: own.length === 0 ? 0 : setUp + seconds + reset + lastPoured,
    bound: own.length === 0 ? 0 : setUp + Math.min(seconds, free.seconds) + reset + lastPoured,
    proven,
  }
}

/** The containers of a group, in the order in which it sets them up. */
function containersOf(plan: Plan, groupIndex: number) {
  const all = wayOf(plan).slots(plan, '', groupIndex)
  return all.filter(
    (slot, index) =>
      all.findIndex((one) => one.levelId === slot.levelId && one.tryNumber === slot.tryNumber) === index,
  )
}

function actsFrom(
  plan: Plan,
  starts: readonly Start[],
  told: {
    minutes: readonly number[]
    setUp: number
    each: number
    thing: string | null
    hands: Hands
  },
): PlacedActivity[] {
  const { minutes, setUp, each, thing, hands } = told
  const acts = starts.flatMap(({ levelId, tryNumber, at }): PlacedActivity[] => {
    const of = { levelId, tryNumber }
    return [
      { ...of, kind: 'set-up', moment: '', seconds: setUp, uses: [], from: at - setUp, to: at },
      ...minutes.map((minute): PlacedActivity => {
        const from = at + minute * 60
        return {
          ...of,
          kind: 'read',
          moment: `${minute} min`,
          seconds: each,
          uses: thing ? [thing] : [],
          from,
          to: from + each,
        }
      }),
    ]
  })
  let end = Math.max(0, ...acts.map((one) => one.to))
  const clearing = starts.map(({ levelId, tryNumber }): PlacedActivity => {
    const { reset } = trySeconds(plan, levelId, hands)
    const from = end
    end += reset
    return { levelId, tryNumber, kind: 'reset', moment: '', seconds: reset, uses: [], from, to: end }
  })
  return [...acts.sort((a, b) => a.from - b.from), ...clearing]
}

/** All go on together, when the slowest is done. */
function turning(plan: Plan, acts: readonly (readonly Activity[])[]) {
  const levels = orderedLevels(plan)
  const turns = stationTurns(acts.length, levels.length)
  const atLevel = (own: readonly Activity[], levelId: string) => own.filter((act) => act.levelId === levelId)
  const longest = Math.max(
    0,
    ...acts.flatMap((own) =>
      levels.map((level) => earliestEnds(unlinked(atLevel(own, level.id))).at(-1) ?? 0),
    ),
  )
  const turnSeconds = longest + moveSeconds
  const groups = acts.map((own, groupIndex) =>
    turns.flatMap((turn, index): PlacedActivity[] => {
      const place = turn[groupIndex]
      if (place === null || place === undefined) return []
      let end = index * turnSeconds
      return unlinked(atLevel(own, itemAt(levels, place).id)).map((act) => {
        const from = end
        end += act.seconds
        return { ...act, from, to: end }
      })
    }),
  )
  const seconds = Math.max(0, turns.length * turnSeconds - moveSeconds)
  return { turns, turnSeconds, groups, seconds, bound: seconds, proven: true }
}

/** Acts that speak of no others, since only some of them are looked at. */
const unlinked = (acts: readonly Activity[]): Activity[] =>
  acts.map(({ after, ...act }) => (after ? { ...act, seconds: act.seconds + after.seconds } : act))
