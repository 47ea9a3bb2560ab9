import { resolutionOf } from '../../instrument'
import { parseQuantity, unitDefinition, withoutDust } from '../../quantity'
import type { Plan } from '../../plan'
import { checkValue } from '../checkEntry'
import { numberPerTry, valueField } from '../numberPerTry'
import type { Way } from '../way'
import { oneByOne } from '../wayNeeds'
import { inSpans } from './spans'

/** One value read for each try: a length, a time, a mass, a volume, a temperature or a force. */
export const measure: Way = {
  ...numberPerTry,
  kind: 'measure',
  name: 'measure once',
  oneEntry: 'what you read',
  options: [],
  usual: { kind: 'measure' },
  byHand: false,
  needs: () => oneByOne,

  check(plan, text, context) {
    const spanned = spannedValue(text, plan)
    if (spanned === null) return numberPerTry.check(plan, text, context)
    if (!spanned.ok) return { state: 'unreadable', message: spanned.message }
    const entry = checkValue(spanned.value, plan, context)
    // Several lengths of the instrument end where it does not.
    return { ...entry, hints: entry.hints.filter((hint) => hint.code !== 'above-scale') }
  },

  understand(plan, entry) {
    const field = entry.fields[valueField]
    const spanned = field?.given === 'typed' ? spannedValue(field.typed, plan) : null
    if (spanned === null) return numberPerTry.understand(plan, entry)
    if (!spanned.ok) return { ok: false, field: valueField, message: spanned.message }
    return { ok: true, fields: { [valueField]: { ...field!, value: spanned.value } } }
  },
}

/** What a distance told in lengths of the instrument comes to; null where the text is none. */
function spannedValue(
  text: string,
  plan: Plan,
): { ok: true; value: number } | { ok: false; message: string } | null {
  const { unit } = plan.measured
  const spans = unitDefinition(unit).dimension === 'length' ? inSpans(text, plan) : null
  if (spans === null) return null
  if (spans.rest === '') return { ok: true, value: spans.length }
  const rest = parseQuantity(spans.rest, unit, resolutionOf(plan).mark)
  return rest.ok ? { ok: true, value: withoutDust(spans.length + rest.value) } : rest
}
