import type { Plan, Recording } from '../../plan'
import type { Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { dayNumbers, daysAfter, daysApartOption } from './daysApart'
import { dayMoment } from './moments'
import { placesOf, positionsOption } from './places'
import { dayOf } from './points'
import { scoreOption, targetOption } from './scoreOptions'
import { seriesWay } from './seriesWay'

type Daily = Extract<Recording, { kind: 'daily' }>

const recordingOf = (plan: Plan) => plan.recording as Daily

/** The moments of a plan, those at several places of one container on one day together. */
const momentsOf = (plan: Plan): string[][] => {
  return dayNumbers(recordingOf(plan)).map((day) => placesOf(plan).map((place) => dayMoment(day, place)))
}

/** A number every school day or every so many days, with gaps where there was no school or nobody read. */
export const daily: Way = {
  ...seriesWay({
    moments: momentsOf,
    timeOf: dayOf,
    spanOf(plan) {
      const { days, every = 1 } = recordingOf(plan)
      return { span: 1 + (days - 1) * every, gap: every }
    },
    overOf(plan) {
      const { days, every } = recordingOf(plan)
      return every === undefined ? `over ${days} school days` : `over ${1 + (days - 1) * every} days`
    },
    countedFrom: ({ points }) => points[0]?.at ?? 0,
    per: 'day',
  }),
  kind: 'daily',
  verb: 'measure',
  name: 'every school day',
  oneEntry: 'what you read on its day',
  options: [
    {
      name: 'days',
      label: 'On how many days',
      kind: 'whole',
      suffix: '',
      least: 2,
      greatest: 60,
      says: (days, plan) =>
        recordingOf(plan).every === undefined ? `on ${days} school days` : `on ${days} days`,
    },
    daysApartOption,
    positionsOption,
    scoreOption,
    targetOption,
  ],
  usualRecording: { kind: 'daily', days: 10, score: 'gained' },
  /** The number worked out by hand was the last one. */
  fromOld: ({ days, ...others }) =>
    Number.isInteger(days) && !('score' in others)
      ? { kind: 'daily', days: days as number, score: 'end' }
      : null,
  oftenForgotten: [
    {
      applies: () => true,
      about: /water|light|place|window|spot/i,
      name: 'place',
      how: 'side by side on the same shelf',
      reason: 'Over days one place gets more light or warmth than another. Do they all stand alike?',
    },
  ],
  needs(recording) {
    const daily = recording as Daily
    return { ...sideBySide, days: daily.days, daysAfter: daysAfter(daily) }
  },
  momentsDue: (plan, days, today) =>
    momentsOf(plan).flatMap((moments, index) => (days[index] === today ? moments : [])),
}
