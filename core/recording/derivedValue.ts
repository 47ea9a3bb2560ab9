import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import { parseQuantity, roundToMark } from '../quantity'
import type { Given } from '../entries'
import { checkValue } from './validateEntry'
import { fixingCauses } from './likelySlips'

/** The value that a reading has by its own text, or why the two do not belong together. */
export type DerivedValue = { ok: true; value: number | null } | { ok: false; message: string }

/**
 * Works a reading's value out from what was typed, so that no device can send a number that nobody wrote: as it reads; one of
 * two that it may be; or one that a suggestion made of it. A try that was spoilt before it could be read has no text and
 * no value.
 * @example derivedValue(plan, { typed: '12,5', given: 'typed', value: 12.5 }) // { ok: true, value: 12.5 }
 */
export function derivedValue(
  plan: Plan,
  { typed, given, value }: { typed: string; given: Given; value: number | null },
): DerivedValue {
  if (typed.trim() === '')
    return value === null
      ? { ok: true, value }
      : { ok: false, message: 'Send what was typed beside the number.' }
  const { mark } = resolutionOf(plan)
  const parsed = parseQuantity(typed, plan.measured.unit, mark)
  const readings = parsed.ok ? [parsed.value] : parsed.readings.map((one) => one.value)
  if (readings.length === 0) return { ok: false, message: parsed.ok ? '' : parsed.message }
  if (given === 'typed')
    return parsed.ok
      ? { ok: true, value: parsed.value }
      : { ok: false, message: `“${typed}” reads two ways. ${parsed.message}` }
  const offered = given === 'chosen' ? readings : readings.flatMap((one) => suggestionsFor(one, plan, mark))
  const found = offered.find(
    (one) => value !== null && Math.abs(one - value) <= 1e-9 * Math.max(1, Math.abs(one)),
  )
  return found === undefined
    ? { ok: false, message: `This number does not come from “${typed}”. Type it again.` }
    : { ok: true, value: found }
}

/** Everything that may be offered in place of a value: without its slip, or on the nearest mark. */
function suggestionsFor(value: number, plan: Plan, mark: number): number[] {
  const onMarks = checkValue(value, plan, null).hints.flatMap((hint) => hint.suggestion ?? [])
  return [...fixingCauses(value, plan).map(({ meant }) => roundToMark(meant, mark)), ...onMarks]
}
