import { firstOf, itemAt, lastOf } from '../defined'
import { levelsForGroup, testingGroups, type Plan } from '../plan'
import { unitDefinition } from '../quantity'
import type { Slot } from '../entries'
import { usesInstrument, wayOf } from '../recording'
import type { Activity } from './activity'
import {
  buildMinutes,
  lookSeconds,
  secondsFor,
  trySeconds,
  type Hands,
  type TimesContext,
} from './usualTimes'

/**
 * What each group does on the (first) day of a test, in working order: it sets up, waits while it runs, reads, clears for the next. Each
 * round is built before its first try. A thing timed holds its stopwatch while it runs. Where containers stand side by side, each is set up and read before the next, and read
 * again once it has stood as long as it must.
 * @returns by group; empty where a group tests nothing
 * @example groupActivities(plan, { age: '7-9', groups: 6, lessonMinutes: 45 })[0].length // 40: ten tries, one of them practice, of four acts each
 */
export function groupActivities(plan: Plan, context: TimesContext): Activity[][] {
  const { groups } = context
  const testing = new Set(testingGroups(plan, groups))
  return Array.from({ length: groups }, (_, groupIndex) => {
    const tries = testing.has(groupIndex) ? triesOf(plan, groupIndex) : []
    if (tries.length === 0) return []
    const first = levelsForGroup(plan, groupIndex)[0]?.id ?? null
    const practice = wayOf(plan).needs(plan.recording).days > 1 ? 0 : plan.practiceTries
    const acts = [
      ...Array.from({ length: practice }, () => practiceOf(tries, first)).flatMap((slots) =>
        tryActs(plan, slots, context, first),
      ),
      ...(standTogether(plan)
        ? togetherActs(plan, tries, context)
        : tries.flatMap((slots) => tryActs(plan, slots, context))),
    ]
    return withBuilding(acts, 60 * buildMinutes(plan, context))
  })
}

/** The first setting up of each round is its building, too. */
function withBuilding(acts: readonly Activity[], seconds: number): Activity[] {
  return acts.map((act, at) => {
    const isFirst = acts.findIndex((one) => one.levelId === act.levelId) === at
    return isFirst && act.kind === 'set-up' ? { ...act, seconds: act.seconds + seconds } : act
  })
}

/**
 * What each group does on a later day of a test that goes over days: it reads what is due then, and clears away after the last.
 * @param day counted from 0, the first; 1 or more
 * @example laterActivities(plan, { age: '7-9', groups: 6, lessonMinutes: 45 }, 1)[0] // []: it is over in one day
 */
export function laterActivities(plan: Plan, context: TimesContext, day: number): Activity[][] {
  const testing = new Set(testingGroups(plan, context.groups))
  const isLast = day === wayOf(plan).needs(plan.recording).days - 1
  return Array.from({ length: context.groups }, (_, groupIndex) => {
    const tries = testing.has(groupIndex) ? triesOf(plan, groupIndex, day) : []
    return [
      ...tries.flatMap((slots) => slots.map((slot) => reading(plan, slot, context))),
      ...(isLast ? tries.map((slots) => clearing(plan, slots, context)) : []),
    ]
  })
}

/** Whether the containers of a group stand side by side and are read one after another at the same moment. */
const standTogether = (plan: Plan) =>
  wayOf(plan).needs(plan.recording).sideBySide && wayOf(plan).layout(plan) !== 'together'

/** The slots of each try that are read on a day, in the order in which tries begin. */
function triesOf(plan: Plan, groupIndex: number, day = 0): Slot[][] {
  const way = wayOf(plan)
  const groupId = `group ${groupIndex}`
  const slots = way.askedSlots?.(plan, groupId, groupIndex, []) ?? way.slots(plan, groupId, groupIndex)
  const today = slots.filter(({ moment }) => isOnDay(plan, moment, day))
  if (way.layout(plan) === 'together') return today.map((slot) => [slot])
  const tries = new Map<string, Slot[]>()
  for (const slot of today) {
    const key = `${slot.levelId}|${slot.tryNumber}`
    tries.set(key, [...(tries.get(key) ?? []), slot])
  }
  return [...tries.values()]
}

function isOnDay(plan: Plan, moment: string, day: number): boolean {
  const days = Array.from({ length: day + 1 }, (_, index) => `day ${index}`)
  return wayOf(plan).momentsDue(plan, days, itemAt(days, day))?.includes(moment) ?? day === 0
}

/** Practice is one whole try, which nobody writes down. */
const practiceOf = (tries: readonly Slot[][], levelId: string | null) =>
  (tries.find((slots) => firstOf(slots).levelId === levelId) ?? firstOf(tries)).map((slot) => ({
    ...slot,
    tryNumber: 0,
  }))

const actOf = ({ levelId, tryNumber, moment }: Slot) => ({ levelId, tryNumber, moment })

/** A try that is over before the next begins. */
function tryActs(plan: Plan, slots: readonly Slot[], hands: Hands, at = firstOf(slots).levelId): Activity[] {
  const { setUp, run, reset } = trySeconds(plan, at ?? '', hands)
  const [first, last] = [actOf(firstOf(slots)), actOf(lastOf(slots))]
  return [
    { ...first, kind: 'set-up', seconds: setUp, uses: [] },
    ...slots.flatMap((slot): Activity[] => [
      ...(wayOf(plan).runsBefore(plan, slot.moment)
        ? [{ ...actOf(slot), kind: 'run' as const, seconds: run, uses: heldWhileRunning(plan) }]
        : []),
      reading(plan, slot, hands),
    ]),
    { ...last, kind: 'reset', seconds: reset, uses: [] },
  ]
}

/** All side by side: the first moment of each as it is set up, the next once it has stood as long as it must. */
function togetherActs(plan: Plan, tries: readonly Slot[][], hands: Hands): Activity[] {
  const acts: Activity[] = []
  const latest = new Map<readonly Slot[], number>()
  const seconds = (slots: readonly Slot[]) => trySeconds(plan, firstOf(slots).levelId ?? '', hands)
  const most = Math.max(...tries.map((slots) => slots.length))
  for (let round = 0; round < most; round++)
    for (const slots of tries) {
      const slot = slots[round]
      if (!slot) continue
      if (round === 0) acts.push({ ...actOf(slot), kind: 'set-up', seconds: seconds(slots).setUp, uses: [] })
      const after = { act: latest.get(slots) ?? acts.length - 1, seconds: seconds(slots).run }
      acts.push({
        ...reading(plan, slot, hands),
        ...(wayOf(plan).runsBefore(plan, slot.moment) ? { after } : {}),
      })
      latest.set(slots, acts.length - 1)
    }
  return [
    ...acts,
    // What is read again on another day stays where it stands.
    ...(wayOf(plan).needs(plan.recording).days > 1 ? [] : tries.map((slots) => clearing(plan, slots, hands))),
  ]
}

function clearing(plan: Plan, slots: readonly Slot[], hands: Hands): Activity {
  const { reset } = trySeconds(plan, firstOf(slots).levelId ?? '', hands)
  return { ...actOf(lastOf(slots)), kind: 'reset', seconds: reset, uses: [] }
}

function reading(plan: Plan, slot: Slot, hands: Hands): Activity {
  const { instrument } = wayOf(plan).planAt(plan, slot.moment).measured
  const read = usesInstrument(plan)
    ? {
        seconds: secondsFor(hands, instrument.secondsPerReading),
        uses: isThing(instrument) ? [instrument.name] : [],
      }
    : { seconds: secondsFor(hands, lookSeconds), uses: [] }
  return { ...actOf(slot), kind: 'read', ...read }
}

/** A tally is strokes on a sheet: everybody has one. */
const isThing = ({ unit }: Plan['measured']['instrument']) => unitDefinition(unit).dimension !== 'count'

function heldWhileRunning(plan: Plan): string[] {
  const { instrument } = plan.measured
  const timed = usesInstrument(plan) && unitDefinition(instrument.unit).dimension === 'time'
  return timed ? [instrument.name] : []
}
