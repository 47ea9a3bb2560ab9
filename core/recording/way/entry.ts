import type { Entry, Slot } from '../../entries'
import type { Score } from '../../evidence'
import type { Instrument } from '../../instrument'
import type { Plan } from '../../plan'
import type { Unit } from '../../quantity'
import type { EntryValidation, EntryContext } from '../entryValidation'

/** How one entry is asked for, read and shown. */
export interface WayEntry {
  /** What a Sheet asks with: a number that is typed, words to choose from, the order of a race, or one of two. */
  sheetEntry: 'reading' | 'words' | 'race' | 'pair'
  /** What is typed in a slot, in order. */
  fields: (plan: Plan) => FieldDefinition[]
  /** What an entry may say beside its fields, such as when it was really read. */
  extraFields: readonly string[]
  /** Reads one field as it is typed, with friendly hints. */
  check: (plan: Plan, text: string, context: EntryContext | null) => EntryValidation
  /** Works an entry's values out from its own texts, so that no device can send a number that nobody wrote. */
  understand: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith' | 'moment'>) => Understood
  /** An entry as it stands in a cell that can be typed over. */
  typedText: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** An entry as people read it, with its unit. */
  print: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** The same without what is worked out of it, where printing says that, too. */
  printRead?: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** The number of an entry without what else stood on the balance; null while that is not known, or where it has none. */
  netReading: (plan: Plan, counted: readonly Entry[], entry: Entry) => number | null
  /** What an entry of a slot is compared with while it is typed, on the scale on which it is read. */
  comparable: (plan: Plan, counted: readonly Entry[], slot: Slot) => Score[]
}

/** One thing that a person sees and types, or chooses among a few. */
export interface FieldDefinition {
  /** The name under which an entry keeps it. */
  name: string
  label: string
  /** What to type, where the label does not say. */
  help: string
  unit: Unit
  mark: number
  /** Drawn beside the field; null where nothing is read off. */
  instrument: Instrument | null
  whole: boolean
  /** What may be chosen; null where something is typed. */
  choices: readonly FieldChoice[] | null
}

/** One answer among a few. */
export interface FieldChoice {
  /** What is typed in its place. */
  typed: string
  label: string
  /** An example of it, where there is one. */
  like: string
}

/** What the texts of an entry come to, or why they cannot be taken. */
export type Understood = { ok: true; fields: Entry['fields'] } | { ok: false; field: string; message: string }
