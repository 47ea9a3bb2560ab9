import type { Plan } from '../../plan'
import { numberPerTry, valueField } from '../numberPerTry'
import type { Way } from '../way'
import { oneByOne } from '../wayNeeds'

/** A whole number for each try: clips that hang, seeds that are up, beats. */
export const count: Way = {
  ...numberPerTry,
  kind: 'count',
  name: 'count',
  oneEntry: 'how many, a whole number',
  options: [],
  usual: { kind: 'count' },
  byHand: false,
  needs: () => oneByOne,
  fields: (plan) =>
    numberPerTry
      .fields(plan)
      .map((field) => ({ ...field, help: 'how many, a whole number', whole: counts(plan) })),
  check(plan, text, context) {
    const entry = numberPerTry.check(plan, text, context)
    const message = entry.state === 'value' ? notACount(plan, entry.value) : null
    return message === null ? entry : { state: 'unreadable', message }
  },
  understand(plan, entry) {
    const understood = numberPerTry.understand(plan, entry)
    if (!understood.ok) return understood
    const value = understood.fields[valueField]?.value
    const message = typeof value === 'number' ? notACount(plan, value) : null
    return message === null ? understood : { ok: false, field: valueField, message }
  },
}

/** Older plans count in a unit such as minutes, where parts make sense. */
const counts = ({ measured }: Plan) => measured.unit === 'count'

function notACount(plan: Plan, value: number): string | null {
  if (!counts(plan)) return null
  if (value < 0) return 'A count is never below 0.'
  return Number.isInteger(value)
    ? null
    : 'A count is a whole number. What is only half there, does it count or not?'
}
