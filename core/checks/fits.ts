import type { Remedy } from '../plan'
import { noWayToFit, type WeighedWay } from '../timetable'
import { nothingSaid, type Check } from './check'

const words = { good: 'fits', think: 'little to spare', mend: 'too long', none: 'not looked at yet' } as const

/** Whether the lesson ends before the bell, what its time hangs on, and what would make it fit. */
export const fits: Check = {
  id: 'fits',
  name: 'Fits',
  stages: ['plan'],
  gate: null,
  look({ fits: check, waysToFit }) {
    if (!check) return nothingSaid
    const { state, sentence, binding, besides } = check
    const hasTrouble = state === 'think' || state === 'mend'
    const notes = sentence
      ? [hasTrouble || binding.thing ? binding.said : '', besides, noWayToFit(check, waysToFit)]
      : []
    return {
      ...nothingSaid,
      state,
      word: words[state],
      sentence,
      notes: notes.filter((one) => one !== ''),
      remedies: hasTrouble ? (waysToFit ?? []).map((way) => asRemedy(way, state === 'mend')) : [],
      brief: hasTrouble ? sentence : '',
    }
  },
}

function asRemedy(way: WeighedWay, isTooLong: boolean): Remedy {
  const { label, changes, gains, takes, fits: then, shows } = way
  const time = gains > 0 ? `${gains} min shorter` : `${takes} min`
  const seen =
    shows === null || shows === 0
      ? ''
      : `; ${Math.abs(shows)} ${shows > 0 ? 'more' : 'fewer'} of 12 classes see the answer`
  return {
    label,
    note: `${time}${then && isTooLong ? ', then it fits' : ''}${seen}`,
    apply: (plan) => ({ ...plan, ...changes }),
  }
}
