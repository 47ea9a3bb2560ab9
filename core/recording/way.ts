import type { Score } from '../evidence'
import type { Instrument } from '../instrument'
import type { Plan, Recording, RecordingKind } from '../plan'
import type { Unit } from '../quantity'
import type { Entry, Slot } from '../record'
import type { CheckedEntry, EntryContext } from './checkEntry'
import type { WayNeeds } from './wayNeeds'

/** Something that a way of recording needs to be told; the plan keeps it under its name. */
export type WayOption =
  | {
      name: string
      label: string
      kind: 'whole'
      suffix: string
      least: number
      greatest: number
      optional?: boolean
    }
  | { name: string; label: string; kind: 'words'; most: number; letters: number }

/** One thing that a person sees and types. */
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
}

/** What the texts of an entry come to, or why they cannot be taken. */
export type Understood = { ok: true; fields: Entry['fields'] } | { ok: false; field: string; message: string }

/** Everything that one way of recording is. Nothing outside of its own folder tells the ways apart. */
export interface Way {
  kind: RecordingKind
  /** What a list of ways calls it. */
  name: string
  /** What one entry of a try is, said after "Type". */
  oneEntry: string
  /** What it needs to be told; the plan's form and its schema are made from these. */
  options: readonly WayOption[]
  /** With the usual answers. */
  usual: Recording
  /** Whether somebody still works its number out by hand; such a way is offered to no new plan. */
  byHand: boolean
  /** What a group needs at once because of it. */
  needs: (recording: Recording) => WayNeeds
  /** Every slot that a group has to fill, in working order; none in a whole-class test but for its first group. */
  slots: (plan: Plan, groupId: string, place: number) => Slot[]
  /** What is typed in a slot, in order. */
  fields: (plan: Plan) => FieldDefinition[]
  /** Reads one field as it is typed, with friendly hints. */
  check: (plan: Plan, text: string, context: EntryContext | null) => CheckedEntry
  /** Works an entry's values out from its own texts, so that no device can send a number that nobody wrote. */
  understand: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => Understood
  /** An entry as people read it, with its unit. */
  print: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** The plan as its scores are measured, where those are not what is read: beats in 15 s become beats a minute. */
  scored: (plan: Plan) => Plan
  /** For how long the children count; null where they take the time that it takes. */
  seconds: (plan: Plan) => number | null
  /** What evidence sees of the entries that stand and count. */
  scores: (plan: Plan, counted: readonly Entry[]) => Score[]
}
