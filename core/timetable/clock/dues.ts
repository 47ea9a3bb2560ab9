import { firstOf, itemAt, defined } from '../../defined'
import { testingGroups, type Plan } from '../../plan'
import { slotKey, type Slot, type SlotState } from '../../entries'
import { plannedAt, startedAt, startOf, wayOf } from '../../recording'
import { nextStart } from '../stagger'
import { readersOf } from '../readers'
import type { Start, Testing } from '../testingOf'
import type { Hands } from '../usualTimes'

/** So late a reading is not asked for any more, in ms: the class has gone on. */
const tooLate = 15 * 60_000

/** Something that a group does at its time: start a container, or read it. */
export interface Due {
  groupIndex: number
  kind: 'start' | 'read'
  /** What is read; where a container is started, its first reading. */
  slot: Slot
  /** In ms since 1970; null where it may be done whenever the group is ready. */
  at: number | null
}

/** What is known when it is asked what is due. */
export interface DuesContext {
  groupIds: readonly string[]
  /** Whose hands read it. */
  hands: Hands
  /** What stands in each slot. */
  slots: ReadonlyMap<string, SlotState>
  /** The testing as it is planned. */
  testing: Pick<Testing, 'starts' | 'owned'>
  /** When testing began by the clock of the class, in ms since 1970; null where it has not. */
  since: number | null
  /** In ms since 1970. */
  now: number
}

/**
 * What every group does next, the earliest first, where containers are read at set minutes after their start: of those that were started
 * their next readings; of those that were not, when they are to be started, as planned, or later where that is gone by or a reading would
 * fall on another's. A reading that was missed is not asked for any more once the next one of its
 * container has come, and the last of all a quarter of an hour later.
 * @returns empty where time does not say when something is read
 * @example duesOf(plan, { groupIds, hands: { age: '7-9' }, slots: new Map(), testing: { starts: [], owned: new Map() }, since: null, now: 0 }) // []
 */
export function duesOf(plan: Plan, context: DuesContext): Due[] {
  const minutes = wayOf(plan).readMinutes(plan)
  if (!minutes) return []
  const all = testingGroups(plan, context.groupIds.length).map((groupIndex) =>
    containersOf(plan, groupIndex, context),
  )
  const { ownEach, atOnce, seconds } = readersOf(plan, context.testing.owned, {
    ...context.hands,
    groups: context.groupIds.length,
  })
  return all
    .flatMap((containers, index): Due[] => {
      const others = ownEach ? containers : all.flat()
      const started = others.flatMap(({ startedAt: at }) => at ?? [])
      const next = nextToStart(containers, started, context, all.flat())
      const reads = containers.flatMap(({ groupIndex, open, startedAt: at }): Due[] => {
        if (at === null || !open) return []
        const due = at + minuteOf(open) * 60_000
        return context.now - due > tooLate ? [] : [{ groupIndex, kind: 'read', slot: open, at: due }]
      })
      if (!next) return reads
      const at =
        next.at === null
          ? null
          : allowedFrom(next.at, started, { minutes, readingSeconds: seconds, readers: atOnce })
      return [
        ...reads,
        { groupIndex: firstOf(itemAt(all, index)).groupIndex, kind: 'start', slot: next.container.first, at },
      ]
    })
    .sort((a, b) => (a.at ?? context.now) - (b.at ?? context.now) || (a.kind === 'read' ? -1 : 1))
}

interface Container {
  groupIndex: number
  first: Slot
  /** The first of its readings that is not filled. */
  open: Slot | null
  startedAt: number | null
  /** When it is to be started by plan, in seconds since testing began. */
  planned: number
}

function containersOf(
  plan: Plan,
  groupIndex: number,
  { groupIds, slots, testing, now }: DuesContext,
): Container[] {
  const containers = new Map<string, Slot[]>()
  for (const slot of wayOf(plan).slots(plan, itemAt(groupIds, groupIndex), groupIndex)) {
    const key = slotKey(startOf(slot))
    containers.set(key, [...(containers.get(key) ?? []), slot])
  }
  return [...containers.values()].map((own) => {
    const first = firstOf(own)
    const planned = testing.starts.find((start) => isOf(start, groupIndex, first))?.at ?? 0
    const begun = startedAt(slots, first)
    // Once the next moment has come, one that was missed stays a gap.
    const minute = begun === null ? -Infinity : (now - begun) / 60_000
    const since = Math.max(-Infinity, ...own.map(minuteOf).filter((one) => one <= minute))
    const open = own.find((slot) => minuteOf(slot) >= since && isOpen(slots.get(slotKey(slot)))) ?? null
    return { groupIndex, first, open, startedAt: begun, planned }
  })
}

const minuteOf = ({ moment }: Slot) => plannedAt(moment) ?? 0

const isOf = (start: Start, groupIndex: number, { levelId, tryNumber }: Slot) =>
  start.groupIndex === groupIndex && start.levelId === levelId && start.tryNumber === tryNumber

const isOpen = (state: SlotState | undefined) =>
  !state || (state.counted === null && state.contested.length === 0)

/** The container of a group that is started next, and when: by the clock of the class, or as long after the first as is planned. */
function nextToStart(
  containers: readonly Container[],
  started: readonly number[],
  { since, now }: DuesContext,
  all: readonly Container[],
): { container: Container; at: number | null } | null {
  const waiting = containers
    .filter((one) => one.startedAt === null && one.open !== null)
    .sort((a, b) => a.planned - b.planned)
  const container = waiting[0]
  if (!container) return null
  const begun = all
    .filter((one) => one.startedAt !== null)
    .sort((a, b) => defined(a.startedAt) - defined(b.startedAt))[0]
  const origin =
    since ?? (begun && started.length > 0 ? defined(begun.startedAt) - begun.planned * 1000 : null)
  return { container, at: origin === null ? null : Math.max(origin + container.planned * 1000, now) }
}

/** The first moment from then on at which a start goes well with those that were. */
function allowedFrom(
  at: number,
  started: readonly number[],
  readings: { minutes: readonly number[]; readingSeconds: number; readers: number },
): number {
  if (readings.readers === Infinity) return at
  // To the second: nobody starts more exactly.
  const seconds = nextStart(
    readings,
    started.map((one) => Math.round((one - at) / 1000)),
  )
  return at + seconds * 1000
}
