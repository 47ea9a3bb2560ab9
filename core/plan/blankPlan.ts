import { firstOf } from '../defined'
import type { AgeBand } from '../class'
import { fromCupboard, instrumentCupboard, usualCupboard, type CupboardInstrument } from '../instrument'
import { planFormat, type Plan } from './plan'
import { defaultsForAge, usualWays, type SchoolWays } from './schoolWays'

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
  const first = firstInstrument(ways, cupboard)
  const instrument = fromCupboard(first)
  return {
    formatVersion: planFormat,
    title: '',
    question: '',
    best: null,
    recording: { kind: 'measure' },
    ideas: { change: [], measure: [] },
    changed: { name: '', kind: 'number', unit: ways.units === 'customary' ? 'in' : 'cm', range: null },
    levels: [],
    properties: [],
    measured: { name: '', unit: instrument.unit, instrument },
    keptSame: [],
    ...defaultsForAge(age, ways),
    practiceTries: ways.practiceTries,
    rounding: ways.rounding,
    whoTests: ways.whoTests,
    levelOrder: 'same',
    prediction: { format: 'direction', ...ways.prediction },
    materials: [],
    leftOut: [],
    preparing: [],
    hazards: [],
    steps: [],
    times: {},
    expected: null,
  }
}

/** The first that reads a length, in inches where the school measures in those. */
function firstInstrument({ units }: SchoolWays, cupboard: readonly CupboardInstrument[]): CupboardInstrument {
  const lengths = cupboard.filter((one) => one.dimension === 'length')
  const inches = [...lengths, ...usualCupboard(units)].find((one) => one.unit === 'in')
  return (
    (units === 'customary' ? inches : undefined) ?? lengths[0] ?? cupboard[0] ?? firstOf(usualCupboard(units))
  )
}
