import { firstOf, defined } from '../defined'
import type { Score } from '../evidence'
import { resolutionOf } from '../instrument'
import { levelsForGroup, type Plan } from '../plan'
import { printReading, printReadingIn } from '../quantity'
import type { Entry, Slot } from '../entries'
import { validateEntry } from './validateEntry'
import type { EntryValidation, EntryContext } from './entryValidation'
import { derivedValue } from './derivedValue'
import { numberOf, valueField } from './numberOf'
import { plainWay } from './plainWay'
import type { Column, FieldDefinition, Understood, Way } from './way'

/** The parts of a way that takes one number for each try of a level: what they share is kept here once. */
export const numberPerTry = {
  ...plainWay,

  slots: (plan: Plan, groupId: string, groupIndex: number): Slot[] =>
    levelsForGroup(plan, groupIndex).flatMap((level) =>
      Array.from({ length: plan.tries }, (_, index) => ({
        groupId,
        levelId: level.id,
        tryNumber: index + 1,
        moment: '',
      })),
    ),

  fields: (plan: Plan): FieldDefinition[] => [
    {
      name: valueField,
      label: plan.measured.name,
      help: '',
      unit: plan.measured.unit,
      mark: resolutionOf(plan).mark,
      instrument: plan.measured.instrument,
      whole: false,
      choices: null,
    },
  ],

  check: (plan: Plan, text: string, context: EntryContext | null): EntryValidation<number> =>
    validateEntry(text, plan, context),

  columns: (plan: Plan): Column[] =>
    Array.from({ length: plan.tries }, (_, index) => ({
      tryNumber: index + 1,
      moment: '',
      head: `try ${index + 1}`,
    })),

  comparable: (plan: Plan, counted: readonly Entry[]): Score[] => readScores(plan, counted),

  understand(plan: Plan, { fields, readWith }: Pick<Entry, 'fields' | 'readWith'>): Understood {
    const field = fields[valueField]
    if (Object.keys(fields).length === 0) return { ok: true, fields }
    if (!field || Object.keys(fields).length > 1)
      return {
        ok: false,
        field: firstOf(Object.keys(fields)),
        message: 'One number is asked for here. Reload the page.',
      }
    const derived = derivedValue(asReadWith(plan, readWith), {
      ...field,
      value: typeof field.value === 'number' ? field.value : null,
    })
    if (!derived.ok) return { ok: false, field: valueField, message: derived.message }
    return { ok: true, fields: { [valueField]: { ...field, value: defined(derived.value) } } }
  },

  /** A value that was taken between marks keeps its digits. */
  typedText: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>): string => {
    const value = numberOf(plan, entry)
    if (value === null) return ''
    return printReading(value, resolutionOf(plan).mark, plan.measured.unit)
  },

  print: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>): string => {
    const value = numberOf(plan, entry)
    return value === null ? '' : printReadingIn(value, plan.measured.unit, resolutionOf(plan).mark)
  },

  scores: (plan: Plan, counted: readonly Entry[]): Score[] => readScores(plan, counted),
} satisfies Partial<Way>

/**
 * What was read, as scores on the scale on which it was read.
 * @example readScores(plan, [entry])[0].value // 13
 */
export function readScores(plan: Plan, counted: readonly Entry[]): Score[] {
  return counted.flatMap((entry) => {
    const value = numberOf(plan, entry)
    if (value === null || entry.levelId === null) return []
    const { id, groupId, levelId, tryNumber } = entry
    return [{ id, groupId, levelId, tryNumber, value }]
  })
}

/** The plan with the unit that an entry was read in, where the plan has gone on to another one since. */
function asReadWith(plan: Plan, readWith: Entry['readWith']): Plan {
  return readWith === null || readWith.unit === plan.measured.unit
    ? plan
    : { ...plan, measured: { ...plan.measured, unit: readWith.unit } }
}
