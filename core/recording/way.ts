import type { LevelResult, ResultSentence, Score } from '../evidence'
import type { Instrument } from '../instrument'
import type { Plan, Recording, RecordingKind } from '../plan'
import type { Unit } from '../quantity'
import type { Entry, Slot } from '../record'
import type { CheckedEntry, EntryContext } from './checkEntry'
import type { Forgotten } from './forgotten'
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
      /** The answer as it stands in the sentence of the plan: "in 15 s". */
      says: (answer: number | null, plan: Plan) => string
    }
  | {
      name: string
      label: string
      kind: 'numbers'
      most: number
      least: number
      greatest: number
      says: (answer: readonly number[]) => string
      /** As they are typed, or what to type instead. */
      read: (text: string) => { ok: true; answer: number[] } | { ok: false; message: string }
    }
  | {
      name: string
      label: string
      kind: 'choice'
      /** Whether another answer makes another score, of which nobody has said what to expect. */
      changesScore: boolean
      choices: readonly (readonly [value: string, text: string])[]
      says: (answer: string, plan: Plan) => string
    }
  | {
      name: string
      label: string
      /** In the unit that the plan measures in. */
      kind: 'amount'
      optional: true
      /** Whether these answers need it. */
      applies: (recording: Recording) => boolean
      says: (answer: number | null, plan: Plan) => string
    }
  | {
      name: string
      label: string
      kind: 'words'
      /** Whether it may be left out. */
      optional?: boolean
      most: number
      letters: number
      says: (answer: readonly string[]) => string
    }

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

/** One place of a try: of the same level, from left to right. */
export interface Column {
  tryNumber: number
  moment: string
  /** What stands above it. */
  head: string
}

/** The readings of one container along time. */
export interface Curve {
  groupId: string
  levelId: string
  tryNumber: number
  /** Where in the container; empty where it is read at one place. */
  position: string
  points: CurvePoint[]
}

/** One reading at its own time: minutes since the start, or the day. */
export interface CurvePoint {
  /** The moment for which it was planned. */
  moment: string
  /** Minutes since the start, or days since 1 January 1970. */
  at: number
  value: number
}

/** What the texts of an entry come to, or why they cannot be taken. */
export type Understood = { ok: true; fields: Entry['fields'] } | { ok: false; field: string; message: string }

/** Everything that one way of recording is. Nothing outside of its own folder tells the ways apart. */
export interface Way {
  kind: RecordingKind
  /** What a list of ways calls it. */
  name: string
  /** What the class does, said before the thing measured: "measure", "count". */
  verb: string
  /** What one entry of a try is, said after "Type". */
  oneEntry: string
  /** What it needs to be told; the plan's form and its schema are made from these. */
  options: readonly WayOption[]
  /** With the usual answers. */
  usual: Recording
  /** Whether somebody still works its number out by hand; such a way is offered to no new plan. */
  byHand: boolean
  /** The only unit in which it takes anything; null where any will do. */
  onlyUnit: Unit | null
  /** Whether one try is enough for an age that usually takes more, since it holds many readings. */
  onceIsEnough: boolean
  /** What classes leave uncontrolled when they record like this. */
  oftenForgotten: readonly Forgotten[]
  /** What a group needs at once because of it. */
  needs: (recording: Recording) => WayNeeds
  /** Every slot that a group has to fill, in working order; none in a whole-class test but for its first group. */
  slots: (plan: Plan, groupId: string, place: number) => Slot[]
  /** What is typed in a slot, in order. */
  fields: (plan: Plan) => FieldDefinition[]
  /** One try of one level from left to right, as the grid and the paper show it. */
  columns: (plan: Plan) => Column[]
  /** Whether levels stand beside one another in the grid, or beneath with their moments beside one another. */
  layout: 'levels-across' | 'levels-beneath'
  /**
   * The moments that are read today, of a lesson on these school days; null where anything may be read at any time.
   */
  dueOn: (plan: Plan, days: readonly string[], today: string) => string[] | null
  /** Moments that may hold something without being asked for, such as the start. */
  beside: (plan: Plan) => string[]
  /** What an entry may say beside its fields, such as when it was really read. */
  also: readonly string[]
  /** Reads one field as it is typed, with friendly hints. */
  check: (plan: Plan, text: string, context: EntryContext | null) => CheckedEntry
  /** Works an entry's values out from its own texts, so that no device can send a number that nobody wrote. */
  understand: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith' | 'moment'>) => Understood
  /** An entry as people read it, with its unit. */
  print: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** The plan as its scores are measured, where those are not what is read: beats in 15 s become beats a minute. */
  scored: (plan: Plan) => Plan
  /** For how long the children count; null where they take the time that it takes. */
  seconds: (plan: Plan) => number | null
  /** How many readings enter one score: two where it is a change. */
  readingsPerScore: (plan: Plan) => number
  /** What an entry of a slot is compared with while it is typed, on the scale on which it is read. */
  comparable: (plan: Plan, counted: readonly Entry[], slot: Slot) => Score[]
  /** The readings of each level along time; null where nothing is read over time. */
  curves: ((plan: Plan, entries: readonly Entry[]) => Curve[]) | null
  /** What each level did, in the way's own words; null where the sentence of the result says it. */
  tells: (plan: Plan, results: readonly LevelResult[]) => string | null
  /** What is to be seen while nothing can be compared yet; null where that is nothing. */
  soFar: (plan: Plan, counted: readonly Entry[]) => ResultSentence | null
  /** What evidence sees of the entries that stand and count. */
  scores: (plan: Plan, counted: readonly Entry[]) => Score[]
}
