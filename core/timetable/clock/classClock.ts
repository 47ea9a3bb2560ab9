import type { LessonStep } from '../lessonSteps'
import type { Lateness } from './lateReadings'

/** A step as it really went, in ms since 1970 by the server's clock. */
export interface StepTaken {
  id: string
  name: string
  /** As long as it was planned, in seconds. */
  planned: number
  from: number
  to: number
  /** How long of it the clock stood still, in ms. */
  paused: number
}

/** How a lesson ended: it was over, was cut short, or goes on another day. */
export type ClockEnd = 'over' | 'cut' | 'later'

/** The clock of a class: one step after another, by the server's time. Times in ms since 1970. */
export interface ClassClock {
  steps: LessonStep[]
  /** The place of the present step; as many as there are once the lesson is over. */
  at: number
  /** When the present step began. */
  from: number
  /** For how long it stood still since, without the pause that goes on, in ms. */
  paused: number
  /** Since when it stands still; null while it runs. */
  stoodSince: number | null
  /** What the present step was given beyond its plan, in seconds. */
  more: number
  /** The steps that are done, in the order in which they were; one that was gone back to stands twice. */
  taken: StepTaken[]
  ended: { how: ClockEnd; at: number } | null
  /** When all stopwatches start together; null where nothing is raced. */
  raceAt: number | null
  /** Readings that were taken late, once the lesson has ended. */
  late?: Lateness
}

/** What is done with the clock. */
export type ClockAct =
  | { kind: 'start'; steps: LessonStep[] }
  | { kind: 'pause' | 'goOn' | 'next' | 'back' }
  | { kind: 'more'; seconds: number }
  /** Ends the lesson here: for good, or until it goes on another day. */
  | { kind: 'end'; how: 'cut' | 'later' }
  | { kind: 'race'; at: number }
  | { kind: 'noRace' }

/** A step that has been over for so long was left running: over night, or when the bell rang. In ms. */
const leftAfter = 3 * 60 * 60 * 1000

/**
 * The clock after something was done with it. What cannot be done any more changes nothing, so that two who press at once do it once.
 * @param now by the server's clock, in ms since 1970
 * @returns the clock itself where nothing changes
 * @example clockAfter(null, { kind: 'start', steps: [{ id: 'talk', kind: 'talk', name: 'Talk', seconds: 300 }] }, 0).at // 0
 */
export function clockAfter(clock: ClassClock | null, act: ClockAct, now: number): ClassClock | null {
  if (act.kind === 'start') return clock ?? started(act.steps, now)
  if (!clock) return null
  const going = { ...clock, ...awake(clock, now) }
  switch (act.kind) {
    case 'pause':
      return clock.ended || clock.stoodSince !== null ? clock : { ...going, stoodSince: now }
    case 'goOn':
      return goneOn(clock, now)
    case 'next':
      return clock.ended ? clock : stepped(going, clock.at + 1, now)
    case 'back':
      return back(clock, going, now)
    case 'more':
      return clock.ended ? clock : { ...going, more: going.more + act.seconds }
    case 'end':
      return clock.ended ? clock : ended(going, act.how, now)
    case 'race':
      return clock.ended ? clock : { ...going, raceAt: act.at }
    case 'noRace':
      return clock.raceAt === null ? clock : { ...clock, raceAt: null }
  }
}

const started = (steps: LessonStep[], now: number): ClassClock | null =>
  steps.length === 0
    ? null
    : {
        ...{ steps, at: 0, from: now, paused: 0, stoodSince: null, more: 0, taken: [], ended: null },
        raceAt: null,
      }

/** Whether the clock was left running, so that the time since its step was over says nothing of the lesson. */
export const wasLeft = (clock: ClassClock, now: number): boolean =>
  clock.ended === null && clock.stoodSince === null && now - stepEnd(clock) > leftAfter

/** When the present step is over by plan, with what it was given and its pauses. */
export function stepEnd({ steps, at, from, paused, more }: ClassClock): number {
  return from + paused + ((steps[at]?.seconds ?? 0) + more) * 1000
}

/** What was left running stood still from the end of its step on. */
function awake(clock: ClassClock, now: number): Pick<ClassClock, 'paused'> {
  return { paused: clock.paused + (wasLeft(clock, now) ? now - stepEnd(clock) : 0) }
}

function goneOn(clock: ClassClock, now: number): ClassClock {
  if (clock.ended?.how === 'later')
    return { ...clock, ended: null, paused: clock.paused + (now - clock.ended.at), stoodSince: null }
  if (clock.ended) return clock
  if (wasLeft(clock, now)) return { ...clock, ...awake(clock, now) }
  if (clock.stoodSince === null) return clock
  return { ...clock, paused: clock.paused + (now - clock.stoodSince), stoodSince: null }
}

/** The present step as it was taken, up to now. */
function takenNow(clock: ClassClock, now: number): StepTaken[] {
  const step = clock.steps[clock.at]
  if (!step) return []
  const paused = clock.paused + (clock.stoodSince === null ? 0 : now - clock.stoodSince)
  return [{ id: step.id, name: step.name, planned: step.seconds, from: clock.from, to: now, paused }]
}

function stepped(clock: ClassClock, to: number, now: number): ClassClock {
  const taken = [...clock.taken, ...takenNow(clock, now)]
  const fresh = { from: now, paused: 0, stoodSince: null, more: 0, raceAt: null }
  if (to >= clock.steps.length)
    return { ...clock, ...fresh, taken, at: clock.steps.length, ended: { how: 'over', at: now } }
  return { ...clock, ...fresh, taken, at: to }
}

/** To the step before; a lesson that was ended by mistake goes on in the step that it was in. */
function back(clock: ClassClock, going: ClassClock, now: number): ClassClock {
  if (clock.ended) return clock.ended.how === 'later' ? clock : reopened(clock, now)
  return clock.at === 0 ? clock : stepped(going, clock.at - 1, now)
}

/** As if it had not been ended; the time since then was a pause. */
function reopened(clock: ClassClock, now: number): ClassClock {
  const last = clock.taken.at(-1)
  const at = clock.steps.findIndex((step) => step.id === last?.id)
  if (!last || at < 0) return clock
  const { late: _late, ...others } = clock
  return {
    ...others,
    ...{ at, from: last.from, paused: last.paused + (now - last.to), stoodSince: null, more: 0, ended: null },
    taken: clock.taken.slice(0, -1),
  }
}

function ended(clock: ClassClock, how: 'cut' | 'later', now: number): ClassClock {
  // A pause that goes on ends here.
  const paused = clock.paused + (clock.stoodSince === null ? 0 : now - clock.stoodSince)
  const taken = how === 'later' ? clock.taken : [...clock.taken, ...takenNow(clock, now)]
  return { ...clock, paused, stoodSince: null, taken, raceAt: null, ended: { how, at: now } }
}
