import type { AgeBand } from '../class'
import { fromCupboard, instrumentCupboard } from '../instrument'
import type { Plan, Summary } from './plan'

/** Tries and summary that suit an age, where the school has not said otherwise. */
export interface AgeDefaults {
  tries: number
  summary: Summary
}

/**
 * The usual tries per level and way of summing up for an age band.
 * @example defaultsForAge('7-9') // { tries: 3, summary: 'median' }
 */
export function defaultsForAge(age: AgeBand): AgeDefaults {
  if (age === '5-7') return { tries: 2, summary: 'none' }
  return { tries: 3, summary: age === '7-9' ? 'median' : 'mean' }
}

/**
 * An empty plan with the defaults of an age band, ready to be filled in.
 * @example blankPlan('5-7').tries // 2
 */
export function blankPlan(age: AgeBand): Plan {
  const instrument = fromCupboard(instrumentCupboard[0]!)
  return {
    title: '',
    question: '',
    best: null,
    changed: { name: '', kind: 'number', unit: 'cm' },
    levels: [],
    measured: { name: '', unit: instrument.unit, instrument },
    keptSame: [],
    ...defaultsForAge(age),
    practiceTries: 1,
    rounding: 'mark',
    whoTests: 'all-levels',
    levelOrder: 'same',
    prediction: { format: 'direction', because: true },
    materials: [],
    hazards: [],
    steps: [],
    expected: null,
  }
}
