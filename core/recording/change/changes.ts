import { median } from 'simple-statistics'
import { smallestDifference } from '../../instrument'
import type { ChangeRecording, Plan } from '../../plan'
import { unitDefinition, stripRoundingNoise } from '../../quantity'
import type { ReadRow } from '../way'
import { containerOf } from './containers'

/** From what to what one try went. */
export interface Change {
  row: ReadRow
  from: number
  to: number
}

/** Starts that lie further apart than this share of the middle one are not alike. */
const alikeWithin = 0.05

export const changeRecording = (plan: Plan): ChangeRecording => plan.recording as ChangeRecording

/**
 * By how much a try changed, in the direction that the plan looks in.
 * @example amountOf(lost, { from: 160, to: 148 }) // 12
 */
export function amountOf(plan: Plan, { from, to }: Pick<Change, 'from' | 'to'>): number {
  return stripRoundingNoise(changeRecording(plan).change === 'lost' ? from - to : to - from)
}

/** The same as a share of the start, in per cent. */
export const shareOf = (plan: Plan, change: Pick<Change, 'from' | 'to'>): number =>
  (100 * amountOf(plan, change)) / change.from

/** A share needs a true nought to count from. */
export const hasShare = ({ measured }: Pick<Plan, 'measured'>): boolean =>
  unitDefinition(measured.unit).dimension !== 'temperature'

/**
 * Whether the tries of a class started with unlike amounts: further apart than what the readings can show, and than a twentieth of the
 * middle one.
 * @param changes of the whole class
 * @example startsDiffer(plan, [{ from: 160, … }, { from: 80, … }]) // true
 */
export function startsDiffer(plan: Plan, changes: readonly Pick<Change, 'from'>[]): boolean {
  if (changes.length < 2) return false
  const starts = changes.map(({ from }) => from)
  const readable = smallestDifference(plan, containerOf(plan) === 'weighed' ? 4 : 2)
  const apart = Math.max(...starts) - Math.min(...starts)
  return apart > readable && apart > alikeWithin * Math.abs(median(starts))
}

/**
 * Whether the changes of a class are compared as shares of their starts: where the plan says so, or where it leaves that to the starts
 * and they differ.
 * @example goesByShare(plan, changes)
 */
export function goesByShare(plan: Plan, changes: readonly Pick<Change, 'from'>[]): boolean {
  const { compare } = changeRecording(plan)
  if (compare === 'amount' || !hasShare(plan) || changes.some(({ from }) => from <= 0)) return false
  return compare === 'share' || startsDiffer(plan, changes)
}
