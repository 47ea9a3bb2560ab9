import { firstOf } from '../defined'
import { convertUnit, unitDefinition, type Unit } from '../quantity'
import { fromCupboard, usualCupboard, type CupboardInstrument, type Instrument } from './instrument'

/** Units that no metric scale shows: a third of a centimetre is no eighth of an inch. */
const customary: ReadonlySet<Unit> = new Set(['in', 'ft', 'F'])

/**
 * Whether a scale can be read in a unit: both of one kind of quantity, and both metric or neither.
 * @example readsIn(metreStick, 'in') // false
 */
export const readsIn = ({ unit: own }: Pick<Instrument, 'unit'>, unit: Unit): boolean =>
  unitDefinition(own).dimension === unitDefinition(unit).dimension &&
  customary.has(own) === customary.has(unit)

/**
 * An instrument that reads in a unit, from the cupboard, or else a usual one: the one whose scale is about as long as that of the
 * instrument in use.
 * @returns null where nothing reads in it
 * @example instrumentFor('in', metreStick, cupboard)?.name // 'yardstick'
 */
export function instrumentFor(
  unit: Unit,
  inUse: Instrument,
  cupboard: readonly CupboardInstrument[],
): Instrument | null {
  const fitting = [cupboard, usualCupboard('customary')]
    .map((all) => all.filter((one) => readsIn(one, unit)))
    .find((all) => all.length > 0)
  if (!fitting) return null
  const isComparable = unitDefinition(inUse.unit).dimension === unitDefinition(unit).dimension
  if (!isComparable) return fromCupboard(firstOf(fitting))
  const wanted = convertUnit(inUse.greatest, inUse.unit, unit)
  const lengthOf = (one: Instrument) => convertUnit(one.greatest, one.unit, unit)
  const offBy = (one: Instrument) => Math.abs(Math.log(lengthOf(one) / wanted))
  return fromCupboard(fitting.reduce((best, one) => (offBy(one) < offBy(best) ? one : best)))
}
