import { stripRoundingNoise } from '../../quantity'
import type { Plan } from '../../plan'
import { numberOf, valueField } from '../numberOf'
import { numberPerTry } from '../numberPerTry'
import type { Way } from '../way'
import { oneByOne } from '../wayNeeds'
import { working } from '../working'
import { perMinute } from './perMinute'

/** A whole number for each try: clips that hang, seeds that are up, beats in a quarter of a minute. */
export const count: Way = {
  ...numberPerTry,
  kind: 'count',
  name: 'count',
  verb: 'count',
  oneEntry: 'how many, a whole number',
  options: [
    {
      name: 'seconds',
      label: 'In a set time',
      kind: 'whole',
      suffix: 's',
      least: 5,
      greatest: 600,
      optional: true,
      changesScore: true,
      says: (seconds) => (seconds === null ? 'in no set time' : `in ${seconds} s`),
    },
  ],
  usualRecording: { kind: 'count' },
  suitsUnit: (unit) => unit === 'count',
  onlyUnit: 'count',
  needs: () => oneByOne,
  seconds: secondsOf,

  fields(plan) {
    const seconds = secondsOf(plan)
    const help = seconds === null ? 'how many, a whole number' : `how many in ${seconds} s, a whole number`
    return numberPerTry.fields(plan).map((field) => ({ ...field, help, whole: counts(plan) }))
  },

  check(plan, text, context) {
    const entry = numberPerTry.check(plan, text, context)
    const message = entry.state === 'value' ? notACount(plan, entry.value) : null
    return message === null ? entry : { state: 'unreadable', message }
  },

  understand(plan, entry) {
    const understood = numberPerTry.understand(plan, entry)
    if (!understood.ok) return understood
    const value = understood.fields[valueField]?.value
    const message = typeof value === 'number' ? notACount(plan, value) : null
    return message === null ? understood : { ok: false, field: valueField, message }
  },

  print(plan, entry) {
    const [seconds, value] = [secondsOf(plan), numberOf(plan, entry)]
    const read = printRead(plan, entry)
    return seconds === null || value === null ? read : `${read}, ${perMinute(value, seconds)} a minute`
  },
  printRead,

  scored(plan) {
    const seconds = secondsOf(plan)
    return seconds === null ? plan : asRate(plan, seconds)
  },

  arithmetic: {
    head: (plan) => (secondsOf(plan) === null ? null : 'a minute'),
    steps(plan, counted, { groupId, levelId, tryNumber }) {
      const seconds = secondsOf(plan)
      const entry = counted.find(
        (one) => one.groupId === groupId && one.levelId === levelId && one.tryNumber === tryNumber,
      )
      const value = entry ? numberOf(plan, entry) : null
      if (seconds === null || value === null) return []
      const times = 60 / seconds
      const sum = Number.isInteger(times) ? `${value} × ${times}` : `${value} ÷ ${seconds} × 60`
      return [
        working(
          'how many a minute',
          sum,
          perMinute(value, seconds),
          'count',
          Number.isInteger(times) ? 1 : 0.1,
        ),
      ]
    },
  },

  scores(plan, counted) {
    const seconds = secondsOf(plan)
    const scores = numberPerTry.scores(plan, counted)
    return seconds === null
      ? scores
      : scores.map((score) => ({ ...score, value: perMinute(score.value, seconds) }))
  },
}

/** "23 in 15 s". */
function printRead(plan: Plan, entry: Parameters<Way['print']>[1]): string {
  const [seconds, counted] = [secondsOf(plan), numberPerTry.print(plan, entry)]
  return seconds === null || counted === '' ? counted : `${counted} in ${seconds} s`
}

/** Older plans count in a unit such as minutes, where parts make sense. */
const counts = ({ measured }: Plan) => measured.unit === 'count'

function secondsOf({ recording, measured }: Plan): number | null {
  return recording.kind === 'count' && measured.unit === 'count' ? (recording.seconds ?? null) : null
}

/** One more in 15 s is four more a minute: that is the smallest step of a rate. */
function asRate(plan: Plan, seconds: number): Plan {
  const { measured } = plan
  const { instrument } = measured
  const rate = (value: number) => stripRoundingNoise((value * 60) / seconds)
  return {
    ...plan,
    measured: {
      ...measured,
      name: `${measured.name} a minute`,
      instrument: {
        ...instrument,
        smallestMark: rate(instrument.smallestMark),
        numberedEvery: rate(instrument.numberedEvery),
        least: rate(instrument.least),
        greatest: rate(instrument.greatest),
      },
    },
  }
}

function notACount(plan: Plan, value: number): string | null {
  if (!counts(plan)) return null
  if (value < 0) return 'A count is never below 0.'
  return Number.isInteger(value)
    ? null
    : 'A count is a whole number. What is only half there, does it count or not?'
}
