import { lastOf, defined } from '../../defined'
import type { LevelResult, Score } from '../../evidence'
import { levelsForGroup, type Plan } from '../../plan'
import { listed } from '../../quantity'
import type { Entry, Slot } from '../../entries'
import type { EntryValidation, EntryContext } from '../entryValidation'
import { numberPerTry, readScores } from '../numberPerTry'
import type { Curve, Understood, Way } from '../way'
import { difference } from '../working'
import { atField, momentPhrase } from './moments'
import { placesOf, seriesOf } from './places'
import { curvesOf, sideRows, togetherOf } from './points'
import { scoredSeries } from './scoredSeries'
import { seriesScore, shortOf } from './seriesScore'
import { soFarOf, toldOf } from './told'
import { understoodWithTime } from './timedFields'
import { readTime, timeTypedWith } from './timeTyped'

/** Whether its score is the difference of two readings, which children can work out. */
const isDifference = (plan: Plan) => {
  const { score } = seriesOf(plan)
  return (score === 'lost' || score === 'gained') && placesOf(plan).length < 2
}

/** Places that are not compared with each other are averaged, which has to be said. */
const meanSaid = (plan: Plan): string | null =>
  placesOf(plan).length < 2
    ? null
    : `What each of them did is the mean of its places: ${listed(placesOf(plan))}.`

/** What two ways share that read one container again and again: a number at each moment, and one score of the whole row. */
export function seriesWay({
  moments,
  timeOf,
  spanOf,
  overOf,
  countedFrom,
  per,
}: {
  /** The moments of a plan; those at several places of one container at one time stand together. */
  moments: (plan: Plan) => string[][]
  timeOf: (entry: Entry) => number | null
  /** How long the whole row takes, and how far two readings lie apart, in minutes or days. */
  spanOf: (plan: Plan) => { span: number; gap: number }
  /** That time as it is said: "in 40 minutes". */
  overOf: (plan: Plan) => string
  /** The time from which it is counted until something is reached. */
  countedFrom: (curve: Curve) => number
  per: 'minute' | 'day'
}) {
  const curves = (plan: Plan, counted: readonly Entry[]) =>
    curvesOf(plan, counted, moments(plan).flat(), timeOf)
  /** A row counts once it is complete as far as its score needs: a change has its first reading and its last. */
  const valueOf = (plan: Plan, curve: Curve): number | null => {
    const { score, target } = seriesOf(plan)
    const all = moments(plan)
    const has = (together: string[] | undefined) =>
      curve.points.some((point) => together?.includes(point.moment))
    if (score !== 'reached' && !has(all.at(-1))) return null
    if (score !== 'end' && !has(all[0])) return null
    const value = seriesScore(curve.points, score, target ?? null, countedFrom(curve))
    return value === Infinity && !has(all.at(-1)) ? null : value
  }
  const scores = (plan: Plan, counted: readonly Entry[]): Score[] =>
    togetherOf(curves(plan, counted), placesOf(plan).length).flatMap((curve) => {
      const { groupId, levelId, tryNumber, points } = curve
      const value = valueOf(plan, curve)
      if (value === null) return []
      const never = value === Infinity ? { short: shortOf(points, defined(seriesOf(plan).target)) } : {}
      return [{ id: `${groupId}|${levelId}|${tryNumber}`, groupId, levelId, tryNumber, value, ...never }]
    })
  const scored = (plan: Plan, counted: readonly Entry[]) =>
    scoredSeries(plan, per, {
      ...spanOf(plan),
      never: scores(plan, counted).some(({ short }) => short !== undefined),
    })
  const readingsPerScore = (plan: Plan) => (['end', 'reached'].includes(seriesOf(plan).score) ? 1 : 2)
  return {
    ...numberPerTry,
    onceIsEnough: true,
    layout: () => 'levels-beneath' as const,
    runsBefore: () => false,
    momentPhrase: (_plan: Plan, moment: string) => momentPhrase(moment),
    extraFields: [atField] as const,

    /** Containers stand side by side, so all are read at one moment before the next comes. */
    slots: (plan: Plan, groupId: string, groupIndex: number): Slot[] =>
      Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
        moments(plan).flatMap((together) =>
          levelsForGroup(plan, groupIndex).flatMap((level) =>
            together.map((moment) => ({ groupId, levelId: level.id, tryNumber, moment })),
          ),
        ),
      ),

    columns: (plan: Plan) =>
      Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
        moments(plan)
          .flat()
          .map((moment) => ({
            tryNumber,
            moment,
            head: plan.tries > 1 ? `${moment}, try ${tryNumber}` : moment,
          })),
      ),

    check(plan: Plan, text: string, context: EntryContext | null): EntryValidation {
      const { value, time } = timeTypedWith(text)
      const wrong = time === null ? null : readTime(time, per)
      if (wrong && !wrong.ok) return { state: 'unreadable', message: wrong.message }
      if (time !== null && value === '')
        return { state: 'unreadable', message: 'Type the number before the @, like 43 @ 11:30.' }
      return numberPerTry.check(plan, value, context)
    },

    understand: (plan: Plan, entry: Parameters<Way['understand']>[1]): Understood =>
      understoodWithTime(entry, per, (rest) => numberPerTry.understand(plan, rest)),

    /** "43 °C, 11:30 after the start": the time where it is not the planned one. */
    print(plan: Plan, entry: Parameters<Way['print']>[1]): string {
      const value = numberPerTry.print(plan, entry)
      const at = entry.fields[atField]
      if (value === '') return at ? 'started' : ''
      return at && per === 'minute' ? `${value}, ${at.typed} after the start` : value
    },

    arithmetic: {
      head: (plan: Plan) => (isDifference(plan) ? seriesOf(plan).score : null),
      steps(plan: Plan, counted: readonly Entry[], slot: Omit<Slot, 'moment'>) {
        const own = counted.filter(
          (one) =>
            one.groupId === slot.groupId && one.levelId === slot.levelId && one.tryNumber === slot.tryNumber,
        )
        const [first, last] = [moments(plan)[0]?.[0], moments(plan).at(-1)?.[0]]
        const points = curves(plan, own)[0]?.points ?? []
        const from = points.find((point) => point.moment === first)
        const to = points.find((point) => point.moment === last)
        return isDifference(plan) && from && to ? [difference(plan, { from: from.value, to: to.value })] : []
      },
    },

    readingsPerScore,

    sides: {
      kind: 'places' as const,
      names: (plan: Plan) => (placesOf(plan).length < 2 ? [] : placesOf(plan)),
      refused: () => null,
      rows: (plan: Plan, counted: readonly Entry[]) =>
        sideRows(curves(plan, counted), placesOf(plan), (curve) => valueOf(plan, curve)),
      scored,
      readings: readingsPerScore,
    },

    comparable: (plan: Plan, counted: readonly Entry[], { moment }: Slot) =>
      readScores(
        plan,
        counted.filter((one) => one.moment === moment),
      ),

    scored,
    scoredByEntries: (plan: Plan) => seriesOf(plan).score === 'reached',

    picture: (plan: Plan, counted: readonly Entry[]) => ({
      kind: 'curves' as const,
      curves: curves(plan, counted),
    }),

    detail(plan: Plan, _counted: readonly Entry[], results: readonly LevelResult[]): string | null {
      const told = [toldOf(plan, seriesOf(plan).score, results, overOf(plan)), meanSaid(plan)]
      return told.some((one) => one !== null) ? told.filter((one) => one !== null).join(' ') : null
    },

    soFar: (plan: Plan, counted: readonly Entry[]) =>
      soFarOf(plan, curves(plan, counted), lastOf(moments(plan).flat())),

    scores,
  } satisfies Partial<Way>
}
