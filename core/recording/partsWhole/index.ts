import { resolutionOf, smallestDifference } from '../../instrument'
import type { Plan } from '../../plan'
import { listed, stripRoundingNoise } from '../../quantity'
import type { Entry } from '../../entries'

import { changeWay } from '../change/changeWay'
import { containerMoment, containerOf, readRows } from '../change/containers'
import { changeOption, compareOption, containerOption } from '../change/options'
import type { EntryContext } from '../entryValidation'
import { numberOf } from '../numberOf'
import type { Way } from '../way'
import { inSum, working } from '../working'
import { oneByOne } from '../wayNeeds'
import { notAdded } from './notAdded'
import { ofEachQuantity } from './ofEachQuantity'
import {
  momentCalled,
  momentsOf,
  partsOf as recordingOf,
  wholeMoment,
  wholeOf,
  type PartsWhole,
} from './quantities'

/** The whole and each part enter once; a container is taken off each of them, and so once too often for every part but one. */
function readingsOf(plan: Plan): number {
  const parts = recordingOf(plan).parts.length
  return parts + 1 + (containerOf(plan) === 'weighed' ? (parts - 1) ** 2 : 0)
}

/** From the sum of the parts to the whole; null while one of them is missing. */
function endsOf(values: readonly (number | null)[]): { from: number; to: number } | null {
  const read = values.filter((value) => value !== null)
  const to = values.at(-1) ?? null
  if (to === null || read.length < values.length) return null
  return { from: stripRoundingNoise(read.slice(0, -1).reduce((sum, value) => sum + value, 0)), to }
}

const adding = changeWay({
  moments: momentsOf,
  together: () => false,
  endsOf,
  readings: readingsOf,
  whole: 'of its parts',
  head: (plan) => (recordingOf(plan).change === 'lost' ? 'less than its parts' : 'more than its parts'),
  between(plan, { values }) {
    const parts = values.slice(0, -1).flatMap((value) => value ?? [])
    const sum = stripRoundingNoise(parts.reduce((total, value) => total + value, 0))
    const { mark } = resolutionOf(plan)
    const written = parts.map((value) => inSum(plan, value)).join(' + ')
    return [working('the parts added up', written, sum, plan.measured.unit, mark)]
  },
  words: {
    lost: ['how much less it is together', '… less'],
    gained: ['how much more it is together', '… more'],
    same: ['how much it differs', 'the same'],
  },
  verbs: { lost: 'came to … less together', gained: 'came to … more together' },
  shareSaid: (plan, { from, to }, percent) =>
    `${inSum(plan, to)} together, ${inSum(plan, from)} apart: ${to === from ? 'the same' : `${percent} ${to > from ? 'more' : 'less'}`}`,
  against: againstParts,
})

const ofOneQuantity: Way = {
  ...adding,
  /** What doesn't add up comes to nothing, until something else is measured. */
  scores: (plan, counted) => (notAdded(plan) === null ? adding.scores(plan, counted) : []),
  arithmetic: {
    head: (plan) => (notAdded(plan) === null ? adding.arithmetic.head(plan) : null),
    steps: (plan, counted, slot) =>
      notAdded(plan) === null ? adding.arithmetic.steps(plan, counted, slot) : [],
  },
  soFar(plan, counted) {
    const reason = counted.length === 0 ? null : notAdded(plan)
    return reason === null
      ? adding.soFar(plan, counted)
      : {
          sentence: reason,
          reasons: ['Every reading is kept. Measure something that adds up, such as the mass.'],
        }
  },
  kind: 'parts-whole',
  name: 'parts and the whole',
  verb: 'measure',
  oneEntry: 'what you read of a part, or of the whole',
  options: [
    {
      name: 'parts',
      label: 'Which parts',
      kind: 'words',
      fewest: 2,
      most: 4,
      letters: 30,
      like: 'rice, peas',
      reserved: [wholeMoment],
      says: (parts) => `of the ${listed(parts)}, then of all together`,
    },
    {
      name: 'second',
      label: 'Of each also',
      kind: 'second',
      optional: true,
      dimensions: ['mass', 'volume'],
      says: (answer) =>
        answer === null
          ? 'and nothing else of each'
          : `and of each also the ${answer.name} with a ${answer.instrument.name}`,
    },
    containerOption,
    changeOption(['how much less the whole is than its parts', 'how much more the whole is than its parts']),
    compareOption,
  ],
  /** The number worked out by hand was the whole less its parts. */
  fromOld(saved) {
    if (Object.keys(saved).length > 1) return null
    return { ...(this.usualRecording as PartsWhole), change: 'gained', compare: 'amount' }
  },
  usualRecording: {
    kind: 'parts-whole',
    parts: ['first part', 'second part'],
    container: 'none',
    change: 'lost',
    compare: 'starts',
  },
  sides: {
    kind: 'parts',
    names: () => ['apart', 'together'],
    refused: notAdded,
    rows: (plan, counted) =>
      readRows(plan, counted, momentsOf(plan)).map((row) => {
        const ends = endsOf(row.values)
        return { ...row, values: ends ? [ends.from, ends.to] : [null, null] }
      }),
    // What the parts come to may lie beyond the scale on which each is read.
    scored: (plan) => ({
      ...plan,
      measured: {
        ...plan.measured,
        instrument: {
          ...plan.measured.instrument,
          greatest: plan.measured.instrument.greatest * recordingOf(plan).parts.length,
        },
      },
    }),
    readings: (plan) => readingsOf(plan) / 2,
  },
  runsBefore: (plan, moment) => moment === wholeOf(plan),
  needs: () => oneByOne,
  picture: (plan: Plan, counted: readonly Entry[]) => ({
    kind: 'stacked',
    parts: recordingOf(plan).parts.map((part) => momentCalled(plan, part)),
    whole: momentCalled(plan, wholeOf(plan)),
    rows: readRows(plan, counted, momentsOf(plan)),
    within: smallestDifference(plan, readingsOf(plan)),
  }),
}

/** Each part by itself, then all of them together: is the whole as much as its parts? */
export const partsWhole = ofEachQuantity(ofOneQuantity)

/** A whole is never less than one of its parts. */
function againstParts(plan: Plan, value: number, { slot, row }: EntryContext): string | null {
  const read = row.flatMap((one) => {
    const number =
      one.tryNumber === slot.tryNumber && one.moment !== containerMoment ? numberOf(plan, one) : null
    return number === null ? [] : [{ moment: one.moment, number }]
  })
  const more =
    slot.moment === wholeOf(plan)
      ? read.find(({ moment, number }) => recordingOf(plan).parts.includes(moment) && number > value)
      : recordingOf(plan).parts.includes(slot.moment)
        ? read.find(({ moment, number }) => moment === wholeOf(plan) && number < value)
        : undefined
  if (!more) return null
  const shown = inSum(plan, more.number)
  return slot.moment === wholeOf(plan)
    ? `${more.moment} alone read ${shown}. Can all together be less? Look again.`
    : `All together read ${shown}. Can one part be more? Look again.`
}
