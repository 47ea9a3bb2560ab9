import { defined } from '../defined'
import type { Plan, Recording } from '../plan'
import type { Unit } from '../quantity'
import { wayOf, ways } from './registry'

/**
 * Whether a plan improves a design in rounds; its way of recording says so.
 * @example isInRounds(rounds) // true
 */
export const isInRounds = (plan: Pick<Plan, 'recording'>): boolean => wayOf(plan).improves

/**
 * Whether the levels have an order along which results may rise or fall: numbers, or rounds one after another.
 * @example hasOrder(plan) // true for drop heights, false for kinds of paper
 */
export const hasOrder = (plan: Pick<Plan, 'changed' | 'recording'>): boolean =>
  plan.changed.kind === 'number' || isInRounds(plan)

/**
 * How what is measured in a unit is recorded where nobody has chosen a way: what is counted as a count, what is read measured. A way that
 * somebody has chosen for another reason stays.
 * @example recordingFor({ kind: 'measure' }, 'count') // { kind: 'count' }
 */
export function recordingFor(recording: Recording, unit: Unit): Recording {
  return wayOf({ recording }).suitsUnit === null ? recording : usualFor(unit)
}

/**
 * The way that a plan begins with.
 * @example usualFor('cm') // { kind: 'measure' }
 */
export const usualFor = (unit: Unit): Recording =>
  defined(ways.find((way) => way.suitsUnit?.(unit))).usualRecording

/**
 * The way in which a design is improved in rounds.
 * @example inRounds() // { kind: 'rounds' }
 */
export const inRounds = (): Recording => defined(ways.find((way) => way.improves)).usualRecording
