import type { Recording } from '../../plan'
import type { Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { dayMoment } from './moments'
import { placesOf, positionsOption } from './places'
import { dayOf } from './points'
import { scoreOption, targetOption } from './scoreOptions'
import { seriesWay } from './seriesWay'

type Daily = Extract<Recording, { kind: 'daily' }>

/** A number every school day, with gaps where there was no school or nobody read. */
export const daily: Way = {
  ...seriesWay({
    moments: (plan) =>
      Array.from({ length: (plan.recording as Daily).days }, (_, index) =>
        placesOf(plan).map((place) => dayMoment(index + 1, place)),
      ),
    timeOf: dayOf,
    spanOf: (plan) => ({ span: (plan.recording as Daily).days, gap: 1 }),
    overOf: (plan) => `over ${(plan.recording as Daily).days} school days`,
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
      label: 'School days',
      kind: 'whole',
      suffix: '',
      least: 2,
      greatest: 60,
      says: (days) => `on ${days} school days`,
    },
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
  needs: (recording) => ({ ...sideBySide, days: (recording as Daily).days }),
  momentsDue: (plan, days, today) =>
    days
      .slice(0, (plan.recording as Daily).days)
      .flatMap((day, index) =>
        day === today ? placesOf(plan).map((place) => dayMoment(index + 1, place)) : [],
      ),
}
