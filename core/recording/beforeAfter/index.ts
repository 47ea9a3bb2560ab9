import { firstOf, itemAt } from '../../defined'
import type { Plan, Recording } from '../../plan'
import { listed, unitDefinition } from '../../quantity'
import type { Entry } from '../../entries'
import { againstStarts } from '../change/againstRow'
import { hasShare } from '../change/changes'
import { changeWay } from '../change/changeWay'
import { containerMoment, readRows } from '../change/containers'
import { changeOption, compareOption, containerOption } from '../change/options'
import type { ReadRow, Way, Working } from '../way'
import { oneByOne, sideBySide } from '../wayNeeds'
import { difference, inSum } from '../working'

type BeforeAfter = Extract<Recording, { kind: 'before-after' }>

const recordingOf = (plan: Plan) => plan.recording as BeforeAfter

/** What is read again on another day stands side by side until then, whatever was said of one lesson. */
const standTogether = ({ stand, later }: BeforeAfter) => stand === 'side-by-side' || later !== undefined

/** The same thing read before and after something happened to it, with up to two moments between: what counts is how much it changed. */
export const beforeAfter: Way = {
  ...changeWay({
    moments: (plan) => recordingOf(plan).moments,
    together: (plan) => standTogether(recordingOf(plan)),
    endsOf(values) {
      const [from, to] = [values[0] ?? null, values.at(-1) ?? null]
      return from === null || to === null ? null : { from, to }
    },
    // What its container reads is taken off both, so it adds nothing to the error of their difference.
    readings: () => 2,
    whole: 'of its start',
    head: (plan) => recordingOf(plan).change,
    between: stepsBetween,
    shareSaid: (plan, { from, to }, percent) =>
      to === from
        ? `${inSum(plan, to)} of ${inSum(plan, from)} left: nothing lost`
        : to < from
          ? `${inSum(plan, to)} of ${inSum(plan, from)} left: lost ${percent}`
          : `${inSum(plan, to)} from ${inSum(plan, from)}: gained ${percent}`,
    against: (plan, value, context) =>
      againstStarts(plan, value, context, firstOf(recordingOf(plan).moments)),
  }),
  kind: 'before-after',
  name: 'before and after',
  runsBefore(plan, moment) {
    const { moments, later } = recordingOf(plan)
    if (later !== undefined && moment === moments.at(-1)) return false
    return moment !== containerMoment && moment !== moments[0]
  },
  verb: 'measure',
  oneEntry: 'what you read at its moment',
  options: [
    {
      name: 'moments',
      label: 'At which moments',
      kind: 'words',
      fewest: 2,
      most: 4,
      letters: 30,
      like: 'before, after 10 minutes',
      says: (moments) => listed(moments),
    },
    {
      name: 'stand',
      label: 'How they stand',
      kind: 'choice',
      choices: [
        ['in-turn', 'one after the other'],
        ['side-by-side', 'all side by side, read before and read again together'],
      ],
      says: (answer, plan) =>
        standTogether(recordingOf(plan)) || answer !== 'in-turn' ? 'all side by side' : 'one after the other',
    },
    {
      name: 'later',
      label: 'Days until it is read for the last time',
      kind: 'whole',
      suffix: '',
      least: 1,
      greatest: 60,
      optional: true,
      says: (days) =>
        days === null
          ? 'all in one lesson'
          : days === 1
            ? 'the last on the next day'
            : `the last ${days} days later`,
    },
    containerOption,
    changeOption(['how much it went down', 'how much it went up']),
    compareOption,
  ],
  usualRecording: {
    kind: 'before-after',
    moments: ['before', 'after'],
    stand: 'in-turn',
    container: 'none',
    change: 'lost',
    compare: 'starts',
  },
  /** The number worked out by hand was after less before. */
  fromOld(saved) {
    if (Object.keys(saved).length > 1) return null
    return { ...(this.usualRecording as BeforeAfter), change: 'gained', compare: 'amount' }
  },
  oftenForgotten: [
    {
      applies: (plan) => hasShare(plan) && recordingOf(plan).compare === 'amount',
      about: /amount|mass|weight|size|volume|water|start/i,
      name: 'amount at the start',
      how: 'measured out alike for every try',
      reason: 'A change is only comparable when all start with as much. Is the amount at the start the same?',
    },
    {
      applies: ({ measured }) => unitDefinition(measured.unit).dimension === 'temperature',
      about: /start|warm|temperature/i,
      name: 'temperature at the start',
      how: 'all alike, by the thermometer',
      reason: 'What starts warmer cools faster. Do they all start alike?',
    },
  ],
  sides: {
    kind: 'itself',
    names: (plan) => recordingOf(plan).moments,
    refused: () => null,
    rows: (plan, counted) => readRows(plan, counted, recordingOf(plan).moments),
    scored: (plan) => plan,
    readings: () => 1,
  },
  needs(recording) {
    const own = recording as BeforeAfter
    if (own.later !== undefined) return { ...sideBySide, days: 2, daysAfter: [0, own.later] }
    return standTogether(own) ? sideBySide : oneByOne
  },
  momentsDue(plan, days, today) {
    const { moments, later } = recordingOf(plan)
    if (later === undefined) return null
    if (today === days[0]) return [containerMoment, ...moments.slice(0, -1)]
    return today === days[1] ? moments.slice(-1) : []
  },
  picture: (plan: Plan, counted: readonly Entry[]) => ({
    kind: 'paired',
    moments: recordingOf(plan).moments,
    rows: readRows(plan, counted, recordingOf(plan).moments),
  }),
}

/** Where there are moments between, what happened from each to the next. */
function stepsBetween(plan: Plan, { values }: ReadRow): Working[] {
  const { moments } = recordingOf(plan)
  if (moments.length < 3) return []
  return moments.slice(1).flatMap((moment, index) => {
    const [from, to] = [values[index] ?? null, values[index + 1] ?? null]
    if (from === null || to === null) return []
    const step = difference(plan, { from, to })
    return [{ ...step, name: `${step.name} from ${itemAt(moments, index)} to ${moment}` }]
  })
}
