import type { Plan, Remedy } from '../plan'
import {
  handTimingNote,
  showsCheck,
  unrehearsedBecause,
  type RankedNeighbour,
  type Rehearsal,
} from '../rehearsal'
import { nothingSaid, type Check } from './check'

const words = { good: 'will show', think: 'may stay hidden', mend: 'mostly hidden' } as const

/** Whether the test will show anything, rehearsed in many virtual classes before the real one. */
export const shows: Check = {
  id: 'shows',
  name: 'Shows',
  stages: ['plan'],
  gate: null,
  look({ plan, rehearsal, neighbours }) {
    const unrehearsed = unrehearsedBecause(plan)
    if (unrehearsed !== null) return { ...nothingSaid, word: 'check it yourself', sentence: unrehearsed }
    if (!rehearsal) return { ...nothingSaid, word: 'not rehearsed yet' }
    const { state, sentence, clipping } = showsCheck(rehearsal, plan.measured.instrument.name)
    return {
      ...nothingSaid,
      state,
      word: words[state],
      sentence,
      notes: [shares(rehearsal), clipping ?? '', state === 'good' ? '' : handTimingNote(plan)].filter(
        (note) => note !== '',
      ),
      remedies: neighbours.map(asRemedy),
      brief: state === 'good' ? '' : sentence,
    }
  },
}

/** The chances behind the sentence, in whole hundredths. */
function shares({ classes, right, wrong, open }: Rehearsal): string {
  const of = (count: number) => `${Math.round((100 * count) / classes)}\u202f%`
  return `right ${of(right)}, wrong ${of(wrong)}, open ${of(open)}`
}

function asRemedy({ label, gain, extraMinutes, expected, changes }: RankedNeighbour): Remedy {
  const minutes = Math.round(extraMinutes)
  const cost = minutes > 0 ? `${minutes} min more` : minutes < 0 ? `${-minutes} min less` : 'no extra time'
  return {
    label,
    note: `${Math.max(1, Math.round(12 * gain))} more of 12 see it, ${cost}`,
    apply: (plan: Plan) => ({ ...plan, ...changes, expected }),
  }
}
