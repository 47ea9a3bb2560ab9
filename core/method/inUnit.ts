import { instrumentFor, readsIn, type CupboardInstrument } from '../instrument'
import type { Expectation, Plan } from '../plan'
import { convertUnit, unitDefinition, type Unit } from '../quantity'
import { scoredPlan } from '../comparison'

/**
 * The plan measured in another unit: an instrument that doesn't read in it gives way to one that does, and what is expected is as much as
 * before.
 * @example inUnit(plan, 'in', cupboard).measured.instrument.name // 'yardstick', in place of a metre stick
 */
export function inUnit(plan: Plan, unit: Unit, cupboard: readonly CupboardInstrument[]): Plan {
  const { measured, expected } = plan
  const instrument = readsIn(measured.instrument, unit)
    ? measured.instrument
    : (instrumentFor(unit, measured.instrument, cupboard) ?? measured.instrument)
  return {
    ...plan,
    measured: { ...measured, unit, instrument },
    expected: expected && expectedIn(plan, expected, unit),
  }
}

/** What is expected of scores in another unit, such as a time or a share, has nothing to do with the unit that is read. */
function expectedIn(plan: Plan, expected: Expectation, unit: Unit): Expectation {
  const { measured } = scoredPlan(plan)
  const before = plan.measured.unit
  const isConvertible =
    measured.unit === before && unitDefinition(before).dimension === unitDefinition(unit).dimension
  if (!isConvertible) return expected
  const rounded = (value: number) =>
    unit === 'in' && value > 1 ? Math.round(value * 8) / 8 : Number(value.toPrecision(3))
  const value = (amount: number) => convertUnit(amount, before, unit)
  const difference = (amount: number) => value(amount) - value(0)
  // A change of so many degrees has no offset.
  const score = / (?:lost|gained)$|^change of /u.test(measured.name) ? difference : value
  return {
    first: rounded(score(expected.first)),
    last: rounded(score(expected.last)),
    apart: rounded(difference(expected.apart)),
  }
}
