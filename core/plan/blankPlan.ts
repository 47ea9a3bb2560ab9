import type { AgeBand } from '../class'
import { fromCupboard, instrumentCupboard, type CupboardInstrument } from '../instrument'
import type { Plan } from './plan'
import { defaultsForAge, usualWays } from './schoolWays'

/**
 * An empty plan with the defaults of an age band and a school, ready to be filled in.
 * @param cupboard the instruments at hand; the plan begins with the first that reads a length
 * @example blankPlan('5-7').tries // 2
 */
export function blankPlan(
  age: AgeBand,
  ways = usualWays,
  cupboard: readonly CupboardInstrument[] = instrumentCupboard,
): Plan {
  const first = cupboard.find((one) => one.dimension === 'length') ?? cupboard[0] ?? instrumentCupboard[0]!
  const instrument = fromCupboard(first)
  const customary = ways.units === 'customary' && first.dimension === 'length'
  return {
    title: '',
    question: '',
    best: null,
    aim: 'compare',
    recording: { kind: 'measure' },
    ideas: { change: [], measure: [] },
    changed: { name: '', kind: 'number', unit: customary ? 'in' : 'cm', range: null },
    levels: [],
    properties: [],
    measured: { name: '', unit: customary ? 'in' : instrument.unit, instrument },
    keptSame: [],
    ...defaultsForAge(age, ways),
    practiceTries: ways.practiceTries,
    rounding: ways.rounding,
    whoTests: ways.whoTests,
    levelOrder: 'same',
    prediction: { format: 'direction', ...ways.prediction },
    materials: [],
    hazards: [],
    steps: [],
    expected: null,
  }
}
