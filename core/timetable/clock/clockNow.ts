import type { LessonStep } from '../lessonSteps'
import { stepEnd, wasLeft, type ClassClock } from './classClock'

/** What a clock shows. */
export interface ClockNow {
  state: 'running' | 'paused' | 'left' | 'over' | 'cut' | 'later'
  step: LessonStep | null
  next: LessonStep | null
  /** Seconds until the present step is over, below 0 once it is late. */
  left: number
  /** When the last step would be over if all go on as planned, in ms since 1970; null once it has ended. */
  endsAt: number | null
  /** Seconds that the present step has gone on, without its pauses. */
  elapsed: number
}

/**
 * What a clock shows at a moment.
 * @param now by the server's clock, in ms since 1970
 * @example clockNow({ ...clock, from: 0 }, 60_000).left // 240: a minute of five is over
 */
export function clockNow(clock: ClassClock, now: number): ClockNow {
  const { steps, at, ended, stoodSince } = clock
  const step = ended && ended.how !== 'later' ? null : (steps[at] ?? null)
  const left = wasLeft(clock, now)
  // It stands where it was stopped, where it ended, or where it should have gone on.
  const until = ended ? ended.at : left ? stepEnd(clock) : (stoodSince ?? now)
  const seconds = (stepEnd(clock) - until) / 1000
  const later = steps.slice(at + 1).reduce((sum, one) => sum + one.seconds, 0)
  return {
    state: ended ? ended.how : left ? 'left' : stoodSince === null ? 'running' : 'paused',
    step,
    next: steps[at + 1] ?? null,
    left: seconds,
    endsAt: ended ? null : now + (Math.max(0, seconds) + later) * 1000,
    elapsed: (until - clock.from - clock.paused) / 1000,
  }
}

/**
 * When testing began, as far as it has, without the pauses since, so that what is due so many seconds later is due then; null before.
 * @returns in ms since 1970
 * @example testingSince({ ...clock, from: 0 }) // null while the class talks
 */
export function testingSince(clock: ClassClock): number | null {
  const isTest = (id: string) => clock.steps.some((step) => step.id === id && step.kind === 'test')
  const present = clock.steps[clock.at]
  if (present?.kind === 'test') return clock.from
  return clock.taken.filter((one) => isTest(one.id)).at(-1)?.from ?? null
}
