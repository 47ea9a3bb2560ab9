import { defined } from '../defined'
import type { CupboardInstrument } from '../instrument'
import { convertUnit, unitDefinition, stripRoundingNoise, type Unit } from '../quantity'
import { kitUnit } from './kitUnit'

/** Marks by which amounts are measured out where the cupboard has nothing for them. */
const usualMark: Partial<Record<string, [mark: number, unit: Unit]>> = {
  length: [1, 'cm'],
  mass: [1, 'g'],
  volume: [10, 'mL'],
}

/**
 * Rounds an amount up to what can be measured out: whole things, or a mark of whichever instrument in the cupboard
 * takes it in one go and comes closest; of the largest where none does. Never down, so that nothing runs out.
 * @param amount at least 0, in `unit`
 * @throws RangeError when the amount is below 0 or no number.
 * @example measurable(94.5, 'g', cupboard) // 95 on a balance with 1 g marks
 */
export function measurable(amount: number, unit: string, cupboard: readonly CupboardInstrument[]): number {
  if (!(amount >= 0) || !Number.isFinite(amount)) throw new RangeError('an amount is a number from 0')
  const known = kitUnit(unit)
  const marks = known.kind === 'things' ? [1] : marksFor(amount, known.unit, cupboard)
  return Math.min(
    ...marks.map((mark) => stripRoundingNoise(Math.ceil(Number((amount / mark).toPrecision(10))) * mark)),
  )
}

/** The marks of the instruments that take the amount at once, in its unit. */
function marksFor(amount: number, unit: Unit, cupboard: readonly CupboardInstrument[]): number[] {
  const { dimension } = unitDefinition(unit)
  const usable = cupboard
    .filter((one) => one.dimension === dimension && one.howMany > 0)
    .map((one) => ({
      mark: convertUnit(one.smallestMark, one.unit, unit),
      most: convertUnit(one.greatest, one.unit, unit),
    }))
    .sort((a, b) => b.most - a.most)
  const fits = usable.filter((one) => one.most >= amount)
  if (usable.length > 0) return (fits.length > 0 ? fits : usable.slice(0, 1)).map((one) => one.mark)
  const [mark, of] = defined(usualMark[dimension])
  return [convertUnit(mark, of, unit)]
}
