import { defined } from '../../defined'
import { mean } from 'simple-statistics'
import { resolutionOf } from '../../instrument'
import { parseQuantity, unitDefinition, stripRoundingNoise } from '../../quantity'
import type { Plan } from '../../plan'
import { checkValue } from '../validateEntry'
import { valueField } from '../numberOf'
import { numberPerTry } from '../numberPerTry'
import { instrumentNow } from '../readWith'
import type { Way } from '../way'
import { oneByOne } from '../wayNeeds'
import { inSpans } from './spans'

/** One value read for each try: a length, a time, a mass, a volume, a temperature or a force. */
export const measure: Way = {
  ...numberPerTry,
  kind: 'measure',
  verb: 'measure',
  name: 'measure once',
  oneEntry: 'what you read',
  options: [],
  keepsFormer: true,
  usualRecording: { kind: 'measure' },
  suitsUnit: (unit) => unit !== 'count',
  needs: () => oneByOne,

  /** Each piece that is laid has ends of its own, which nobody sets down quite where the last one stopped. */
  readingsPerScore(plan, counted) {
    const pieces = counted.map(({ fields }) => spansOf(fields[valueField]?.typed ?? '', plan)?.pieces || 1)
    return pieces.length === 0 ? 1 : mean(pieces)
  },

  check(plan, text, context) {
    const spanned = spannedValue(text, plan)
    if (spanned === null) return numberPerTry.check(plan, text, context)
    if (!spanned.ok) return { state: 'unreadable', message: spanned.message }
    const entry = checkValue(spanned.value, plan, context)
    // Several lengths of the instrument end where it does not, and what was meant cannot be read from their text.
    const hints = entry.hints.filter((hint) => hint.code !== 'above-scale')
    return { ...entry, hints: hints.map((hint) => ({ ...hint, suggestion: null })) }
  },

  understand(plan, entry) {
    const field = entry.fields[valueField]
    const spanned = field?.given === 'typed' ? spannedValue(field.typed, plan) : null
    if (spanned === null) return numberPerTry.understand(plan, entry)
    const { readWith } = entry
    const now = instrumentNow(plan)
    if (readWith && (readWith.instrument !== now.instrument || readWith.unit !== now.unit))
      return { ok: false, field: valueField, message: lengthsOfAnother }
    if (!spanned.ok) return { ok: false, field: valueField, message: spanned.message }
    return { ok: true, fields: { [valueField]: { ...defined(field), value: spanned.value } } }
  },
}

const lengthsOfAnother =
  'The plan has another instrument or unit now. Type the whole distance, with its unit.'

const spansOf = (text: string, plan: Plan) =>
  unitDefinition(plan.measured.unit).dimension === 'length' ? inSpans(text, plan) : null

/** What a distance told in lengths of the instrument comes to; null where the text is none. */
function spannedValue(
  text: string,
  plan: Plan,
): { ok: true; value: number } | { ok: false; message: string } | null {
  const { unit } = plan.measured
  const spans = spansOf(text, plan)
  if (spans === null) return null
  if (spans.rest === '') return { ok: true, value: spans.length }
  const rest = parseQuantity(spans.rest, unit, resolutionOf(plan).mark)
  return rest.ok ? { ok: true, value: stripRoundingNoise(spans.length + rest.value) } : rest
}
