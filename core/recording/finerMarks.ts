import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import { isOnMark } from '../quantity'
import type { Entry } from '../entries'
import { numberOf } from './numberOf'

/** So many readings between the marks, and the instrument shows more than its plan says. */
export const fewestBetweenMarks = 2

/** How finely a class reads, where that is finer than the plan says. */
export type FinerMarks = { kind: 'half-marks' } | { kind: 'tenths'; smallestMark: number }

/** Whether a value lies between the marks, on a tenth of one: "12.34" of a stopwatch with marks of 0.1 s. */
export const isReadFiner = (value: number, mark: number): boolean =>
  !isOnMark(value, mark) && isOnMark(value, mark / 10)

/**
 * The marks that an instrument seems to have by what the class reads with it: half marks, or tenths of a mark, as with a stopwatch that
 * shows hundredths.
 * @param counted the entries that stand and count
 * @returns null while fewer than two readings lie between the marks
 * @example finerMarks(plan, counted) // null: all were read to whole centimetres
 */
export function finerMarks(plan: Plan, counted: readonly Entry[]): FinerMarks | null {
  const { mark } = resolutionOf(plan)
  const finer = counted
    .flatMap((entry) => numberOf(plan, entry) ?? [])
    .filter((value) => isReadFiner(value, mark))
  if (finer.length < fewestBetweenMarks) return null
  if (plan.rounding === 'mark' && finer.every((value) => isOnMark(value, mark / 2)))
    return { kind: 'half-marks' }
  const { smallestMark } = plan.measured.instrument
  return { kind: 'tenths', smallestMark: Number((smallestMark / 10).toPrecision(6)) }
}

/**
 * The plan with an instrument that is read as finely as the class reads it.
 * @example withFinerMarks(plan, { kind: 'tenths', smallestMark: 0.1 }).measured.instrument.smallestMark // 0.1
 */
export function withFinerMarks(plan: Plan, finer: FinerMarks): Plan {
  if (finer.kind === 'half-marks') return { ...plan, rounding: 'half-mark' }
  const { measured } = plan
  const instrument = { ...measured.instrument, smallestMark: finer.smallestMark }
  return { ...plan, rounding: 'mark', measured: { ...measured, instrument } }
}
