import { convertUnit, isOnMark, parseQuantity, printQuantity, roundToMark, unitDefinition } from '../quantity'
import { resolutionOf, type MeasuredScale } from '../instrument'
import type { Plan } from '../plan'

/** A hint about a typed value. None of them stops the teacher from keeping it. */
export interface EntryHint {
  code: 'below-scale' | 'above-scale' | 'between-marks' | 'likely-slip'
  message: string
  /** What was probably meant, in the unit of what is measured. */
  suggestion: number | null
}

/** What came of an entry: a value with hints, nothing typed, or text that is no number. */
export type CheckedEntry =
  | { state: 'empty' }
  | { state: 'unreadable'; message: string }
  | { state: 'value'; value: number; hints: EntryHint[] }

/**
 * Reads what was typed for one try and compares it with the instrument's scale and with other readings of
 * the same level.
 *
 * A likely slip is named only when one of the usual slips (ten or a hundred times too much or too little,
 * inches typed for centimetres) explains it: the explained value lies within the spread of the others,
 * widened by a quarter of their middle, and the typed one lies outside of twice that.
 *
 * @param others counted values of the same level, in the unit of what is measured
 * @returns hints and a value; it never throws
 * @example checkEntry('640', plan, [62, 65, 66]).hints[0].suggestion // 64
 */
export function checkEntry(
  text: string,
  plan: Pick<Plan, 'measured' | 'rounding'>,
  others: readonly number[],
): CheckedEntry {
  const { unit } = plan.measured
  const parsed = parseQuantity(text, unit)
  if (!parsed.ok)
    return parsed.problem === 'empty' ? { state: 'empty' } : { state: 'unreadable', message: parsed.message }
  const { value } = parsed
  const slip = likelySlip(value, plan, others)
  return { state: 'value', value, hints: slip ? [slip] : scaleHints(value, plan) }
}

/** Compares with the scale in the instrument's own unit, where its marks stand. */
function scaleHints(value: number, { measured, rounding }: Pick<Plan, 'measured' | 'rounding'>): EntryHint[] {
  const { unit, instrument } = measured
  const { name, least, greatest, smallestMark } = instrument
  const onScale = Number(convertUnit(value, unit, instrument.unit).toPrecision(10))
  const show = (amount: number) => printQuantity(amount, instrument.unit, smallestMark)
  if (onScale < least)
    return [{ code: 'below-scale', message: `The ${name} starts at ${show(least)}.`, suggestion: null }]
  if (onScale > greatest)
    return [{ code: 'above-scale', message: `The ${name} ends at ${show(greatest)}.`, suggestion: null }]
  const allowed = rounding === 'half-mark' ? smallestMark / 2 : smallestMark
  if (isOnMark(onScale, allowed)) return []
  const nearest = roundToMark(onScale, allowed)
  return [
    {
      code: 'between-marks',
      message: `Between the marks. The nearest is ${printQuantity(nearest, instrument.unit, allowed)}.`,
      suggestion: convertUnit(nearest, instrument.unit, unit),
    },
  ]
}

function likelySlip(value: number, scale: MeasuredScale, others: readonly number[]): EntryHint | null {
  if (others.length < 2 || value <= 0) return null
  const { unit } = scale.measured
  const { mark } = resolutionOf(scale)
  const sorted = [...others].sort((a, b) => a - b)
  const least = sorted[0]!
  const greatest = sorted.at(-1)!
  const middle = sorted[Math.floor(sorted.length / 2)]!
  const slack = Math.max(Math.abs(middle) / 4, mark * 2)
  const fits = (amount: number, allowance: number) =>
    amount >= least - allowance && amount <= greatest + allowance
  if (fits(value, 2 * slack)) return null
  const slips: [number, string][] = [
    [value / 10, 'a nought too many'],
    [value * 10, 'a nought too few'],
    [value / 100, 'the decimal point left out, or another unit'],
    [value * 100, 'another unit'],
    ...(unitDefinition(unit).dimension === 'length' && unit !== 'in'
      ? [
          [convertUnit(value, 'in', unit), 'inches read for ' + unitDefinition(unit).spoken] as [
            number,
            string,
          ],
        ]
      : []),
  ]
  const explained = slips.find(([meant]) => fits(meant, slack))
  if (!explained) return null
  const meant = roundToMark(explained[0], mark)
  return {
    code: 'likely-slip',
    message: `The others are near ${printQuantity(middle, unit, mark)}. Is it ${printQuantity(meant, unit, mark)} (${explained[1]})?`,
    suggestion: meant,
  }
}
