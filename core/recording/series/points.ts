import { firstOf, defined } from '../../defined'
import { mean } from 'simple-statistics'
import type { Plan } from '../../plan'
import type { Entry } from '../../entries'
import { numberOf } from '../numberOf'
import type { Curve, CurvePoint, ReadRow } from '../way'
import { atField, plannedAt, positionOf } from './moments'

const msPerDay = 86_400_000

/**
 * When an entry was really read, in minutes since the start; the planned minute where nobody said otherwise.
 * @example minuteOf({ moment: '10 min', fields: { at: { value: 11.5 } } }) // 11.5
 */
export function minuteOf({ moment, fields }: Pick<Entry, 'moment' | 'fields'>): number | null {
  const at = fields[atField]?.value
  return typeof at === 'number' ? at : plannedAt(moment)
}

/**
 * The day on which an entry was read, in days since 1 January 1970; the day on which it was typed where nobody said otherwise.
 * @example dayOf(entry) // 20521 for 2026-03-09
 */
export function dayOf({ fields, takenAt }: Pick<Entry, 'fields' | 'takenAt'>): number {
  const at = fields[atField]?.value
  const day = typeof at === 'string' ? at : takenAt.slice(0, 10)
  return Math.round(Date.parse(`${day}T00:00:00Z`) / msPerDay)
}

/**
 * The readings of each container in the order of their own time; those at moments that the plan no longer has are left out.
 * @param moments those of the plan
 * @param timeOf when an entry was read; null leaves it out
 * @example curvesOf(plan, [{ ...entry, moment: '5 min' }], ['0 min', '5 min'], minuteOf)[0].points[0].at // 5
 */
export function curvesOf(
  plan: Plan,
  counted: readonly Entry[],
  moments: readonly string[],
  timeOf: (entry: Entry) => number | null,
): Curve[] {
  const curves = new Map<string, Curve>()
  const planned = new Set(moments)
  for (const entry of counted) {
    const { groupId, levelId, tryNumber, moment } = entry
    const [value, at] = [numberOf(plan, entry), timeOf(entry)]
    if (value === null || at === null || levelId === null || !planned.has(moment)) continue
    const position = positionOf(moment)
    const key = `${groupId}|${levelId}|${tryNumber}|${position}`
    const curve = curves.get(key) ?? { groupId, levelId, tryNumber, position, points: [] as CurvePoint[] }
    curve.points.push({ moment, at, value })
    curves.set(key, curve)
  }
  for (const curve of curves.values()) curve.points.sort((a, b) => a.at - b.at)
  return [...curves.values()]
}

/**
 * The rows of a container taken together where it was read at several places: at each planned moment the mean of its places, at the
 * mean of the times at which they were read.
 * @param places how many places there are; a moment at which one was left out is left out
 * @example togetherOf([top, bottom], 2)[0].points[0].value // 38 for 40 and 36
 */
export function togetherOf(curves: readonly Curve[], places: number): Curve[] {
  if (places < 2) return [...curves]
  const containers = new Map<string, Map<number, CurvePoint[]>>()
  const first = new Map<string, Curve>()
  for (const curve of curves) {
    const key = `${curve.groupId}|${curve.levelId}|${curve.tryNumber}`
    first.set(key, first.get(key) ?? curve)
    const moments = containers.get(key) ?? new Map<number, CurvePoint[]>()
    containers.set(key, moments)
    for (const point of curve.points) {
      const planned = defined(plannedAt(point.moment))
      moments.set(planned, [...(moments.get(planned) ?? []), point])
    }
  }
  return [...containers].map(([key, moments]) => ({
    ...defined(first.get(key)),
    position: '',
    points: [...moments.values()]
      .filter((points) => points.length === places)
      .map((points) => ({
        moment: firstOf(points).moment,
        at: mean(points.map((point) => point.at)),
        value: mean(points.map((point) => point.value)),
      }))
      .sort((a, b) => a.at - b.at),
  }))
}

/**
 * What each container came to at each of its places, try by try; null where a place has no score of its own.
 * @param value what a row of readings comes to
 * @example sideRows([top, bottom], ['top', 'bottom'], (curve) => curve.points.at(-1)!.value)[0].values // [40, 36]
 */
export function sideRows(
  curves: readonly Curve[],
  places: readonly string[],
  value: (curve: Curve) => number | null,
): ReadRow[] {
  const rows = new Map<string, ReadRow>()
  for (const curve of curves) {
    const { groupId, levelId, tryNumber, position } = curve
    const at = places.indexOf(position)
    if (at < 0) continue
    const key = `${groupId}|${levelId}|${tryNumber}`
    const row = rows.get(key) ?? { groupId, levelId, tryNumber, values: places.map(() => null) }
    row.values[at] = value(curve)
    rows.set(key, row)
  }
  return [...rows.values()]
}
