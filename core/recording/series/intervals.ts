import { firstOf, itemAt, lastOf } from '../../defined'
import type { Recording } from '../../plan'
import type { Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { minutesFromText, minutesSaid } from './minutesFromText'
import { minuteMoment, minutesLimits, startMoment } from './moments'
import { placesOf, positionsOption } from './places'
import { minuteOf } from './points'
import { scoreOption, targetOption } from './scoreOptions'
import { seriesWay } from './seriesWay'

type Intervals = Extract<Recording, { kind: 'intervals' }>

function minutesSpan({ minutes }: Intervals): { span: number; gap: number } {
  const gaps = minutes.slice(1).map((minute, index) => minute - itemAt(minutes, index))
  return { span: lastOf(minutes) - firstOf(minutes), gap: Math.min(...gaps) }
}

/** A number at set minutes, one container beside the other, drawn at the time at which it was really read. */
export const intervals: Way = {
  ...seriesWay({
    moments: (plan) => {
      const { minutes } = plan.recording as Intervals
      return minutes.map((minute) => placesOf(plan).map((place) => minuteMoment(minute, place)))
    },
    timeOf: minuteOf,
    spanOf: (plan) => minutesSpan(plan.recording as Intervals),
    overOf: (plan) => {
      const { span } = minutesSpan(plan.recording as Intervals)
      return `in ${span} ${span === 1 ? 'minute' : 'minutes'}`
    },
    // Minutes are counted from the press that started the container.
    countedFrom: () => 0,
    per: 'minute',
  }),
  kind: 'intervals',
  readMinutes: (plan) => (plan.recording as Intervals).minutes,
  verb: 'read',
  name: 'every few minutes',
  oneEntry: 'what you read at its minute',
  options: [
    {
      name: 'minutes',
      label: 'At which minutes',
      kind: 'numbers',
      most: minutesLimits.most,
      least: 0,
      greatest: minutesLimits.greatest,
      says: minutesSaid,
      read: minutesFromText,
    },
    positionsOption,
    scoreOption,
    targetOption,
  ],
  usualRecording: { kind: 'intervals', minutes: [0, 5, 10, 15, 20], score: 'lost' },
  /** The number worked out by hand was the total change, from the start on. */
  fromOld({ everyMinutes, times }) {
    if (!Number.isInteger(everyMinutes) || !Number.isInteger(times)) return null
    const length = Math.min(minutesLimits.most, Math.max(2, (times as number) + 1))
    const minutes = Array.from({ length }, (_, index) => index * (everyMinutes as number))
    return { kind: 'intervals', minutes, score: 'lost' }
  },
  needs: () => sideBySide,
  optionalMoments: () => [startMoment],
}
