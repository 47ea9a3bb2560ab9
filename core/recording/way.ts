// One interface: everything that a way of recording is can be read here from top to bottom.
import type { LevelResult, ResultSentence, Score } from '../evidence'
import type { Instrument } from '../instrument'
import type { Plan, Recording, RecordingKind, SecondMeasure, SidesKind } from '../plan'
import type { Dimension, Unit } from '../quantity'
import type { Entry, Slot } from '../entries'
import type { EntryValidation, EntryContext } from './entryValidation'
import type { Forgotten } from './forgotten'
import type { WayNeeds } from './wayNeeds'

/** Something that a way of recording needs to be told; the plan keeps it under its name. */
export type WayOption = {
  /** Whether a plan needs it at all; where it does not, the answer stands unseen. */
  applies?: (plan: Plan) => boolean
  /** Whether another answer makes another score, of which nobody has said what to expect. */
  changesScore?: boolean
  /** Whether it matters only where levels are compared with each other. */
  ofLevels?: boolean
} & (
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
      choices: readonly (readonly [value: string, text: string])[]
      /** Said of the answer that says nothing worth printing; a plan's method leaves it out. */
      quiet?: string
      says: (answer: string, plan: Plan) => string
    }
  | {
      name: string
      label: string
      /** In the unit that the plan measures in. */
      kind: 'amount'
      optional: true
      says: (answer: number | null, plan: Plan) => string
    }
  | {
      name: string
      label: string
      /** Something else that is read, with an instrument for one of these dimensions, but not for that of the plan. */
      kind: 'second'
      optional: true
      dimensions: readonly Dimension[]
      says: (answer: SecondMeasure | null) => string
    }
  | {
      name: string
      label: string
      kind: 'words'
      /** Whether it may be left out. */
      optional?: boolean
      /** How many there must be. */
      fewest?: number
      /** What the way says itself, so that nothing else may be called that. */
      reserved?: readonly string[]
      most: number
      letters: number
      /** What is shown as an example where nothing is typed yet. */
      like: string
      says: (answer: readonly string[], plan: Plan) => string
    }
  | {
      name: string
      label: string
      /** One of the plan's own words. */
      kind: 'own-word'
      letters: number
      words: (plan: Plan) => readonly string[]
      says: (answer: string, plan: Plan) => string
    }
)

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

/** One place of a try: of the same level, from left to right; or, where levels stand together, of a group. */
export interface Column {
  /** Where levels stand together: the level that its slot names, or null. */
  levelId?: string | null
  tryNumber: number
  moment: string
  /** What stands above it. */
  head: string
  /** What its moment is called under a head of its own, where the moment's own name is not enough: "rice (g)". */
  called?: string
  /** Whether it is read once for a level, whatever the tries: an empty container. */
  once?: boolean
}

/** One row of readings of one try: what was read at each of its moments, the container taken off; null where nothing was. */
export interface ReadRow {
  groupId: string
  levelId: string
  tryNumber: number
  values: (number | null)[]
}

/** What a lesson's readings look like where dots of its scores do not show it: as the way hands it to a chart and its table. */
export type Picture =
  | { kind: 'curves'; curves: Curve[] }
  /** Each try as a line from moment to moment. */
  | { kind: 'paired'; moments: string[]; rows: ReadRow[] }
  /** The parts on top of one another, and beside them the whole, which the rows hold last. */
  | {
      kind: 'stacked'
      parts: string[]
      whole: string
      rows: ReadRow[]
      /** How far the readings alone may be off. */ within: number
    }
  /** Words or places that stand in rows and columns: the darker, the further along. */
  | { kind: 'tiles'; tiles: Tiles }
  /** Results from round to round. */
  | { kind: 'steps'; steps: RoundSteps[] }

/** Rows and columns of words or places. */
export interface Tiles {
  /** What the rows and the columns are. */
  of: { rows: string; columns: string }
  rows: string[]
  /** The group that a column belongs to; null for the class. */
  columns: { head: string; groupId: string | null }[]
  cells: { row: number; column: number; text: string; share: number }[]
  /** The steps on which the rows stand, where each has a mean to stand on; the best is as high as can be. */
  podium?: Step[]
}

/** A step of a podium. */
export interface Step {
  row: number
  /** What stands on it: the mean. */
  text: string
  /** How high it is, beside the highest there can be. */
  height: number
}

/** What one group got from round to round. */
export interface RoundSteps {
  groupId: string
  /** The middle of its tries in each round, in the order of rounds; null where there is none. */
  results: (number | null)[]
  /** What it altered before each round; empty where nobody said. */
  altered: string[]
  /** The best round so far, by its place; null before the first. */
  best: number | null
}

/** A table to be written in by hand. */
export interface PaperTable {
  /** What to write, and how. */
  note: string
  corner: string
  heads: string[]
  rows: { head: string; cells: ('write' | 'blank')[] }[]
}

/** Something in what was recorded that cannot all be right, and where to look again. */
export interface Doubt {
  groupId: string
  said: string
  /** Where a repeat would settle it. */
  slot: Slot
}

/** One step of the arithmetic that a try asks for. */
export interface Working {
  /** What is worked out: "how much it lost". */
  name: string
  /** What is written down to work it out: "196 g − 40 g". */
  sum: string
  value: number
  unit: Unit
  /** How finely it is worked out. */
  mark: number
  /** The whole line: "196 g − 40 g = 156 g". */
  said: string
  /** What came of it, for a table: "lost 4 g". */
  short: string
}

/** The arithmetic of a way: what is worked out of each try before it can be compared. */
export interface Arithmetic {
  /** The head of its column on paper and in the grid; null where this plan has nothing to work out. */
  head: (plan: Plan) => string | null
  /** Step by step; empty until everything is read that it takes. */
  steps: (plan: Plan, counted: readonly Entry[], row: Omit<Slot, 'moment'>) => Working[]
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

/** What stands beside each other within one try: its moments, its parts and the whole, or places read together. */
export interface Sides {
  /** What comparing them is. */
  kind: SidesKind
  /** What they are called, first the one that the others are compared with; none where this plan has nothing of the kind. */
  names: (plan: Plan) => string[]
  /** Why they can't be compared in this plan; null where they can. */
  refused: (plan: Plan) => string | null
  /** What stands at each of them, try by try, in their order. */
  rows: (plan: Plan, counted: readonly Entry[]) => ReadRow[]
  /** The plan as that is measured. */
  scored: (plan: Plan, counted: readonly Entry[]) => Plan
  /** How many readings stand at one of them, on average. */
  readings: (plan: Plan) => number
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
  /** The plan as it is read at a moment: with the instrument of the quantity that is read then. */
  at: (plan: Plan, moment: string) => Plan
  /** The plan as each of its quantities is read, first the one that is compared. */
  quantities: (plan: Plan) => Plan[]
  /** Whether its levels are rounds in which a design is improved, one after another. */
  improves: boolean
  /** For which units a plan begins with it; null where somebody has to choose it. */
  suits: ((unit: Unit) => boolean) | null
  /** What it needs to be told; the plan's form and its schema are made from these. */
  options: readonly WayOption[]
  /** What a Sheet asks with: a number that is typed, words to choose from, the order of a race, or one of two. */
  sheetEntry: 'reading' | 'words' | 'race' | 'pair'
  /** Whether its plans may say by which way they were recorded before. */
  keepsFormer: boolean
  /** With the usual answers. */
  usual: Recording
  /** What a plan of an earlier version said, as it is said now; null where it said it as now. */
  fromOld: (saved: Record<string, unknown>) => Recording | null
  /** What one repeat is called, and several. */
  tryWord: readonly [one: string, many: string]
  /** Why its class cannot be rehearsed, and what to look at instead; null where it can. */
  unrehearsed: string | null
  /** The only unit in which it takes anything; null where any will do. */
  onlyUnit: Unit | null
  /** Whether one try is enough for an age that usually takes more, since it holds many readings. */
  onceIsEnough: boolean
  /** What classes leave uncontrolled when they record like this. */
  oftenForgotten: readonly Forgotten[]
  /** What a group needs at once because of it. */
  needs: (recording: Recording) => WayNeeds
  /** Every slot that a group has to fill, in working order; none in a whole-class test but for its first group. */
  slots: (plan: Plan, groupId: string, groupIndex: number) => Slot[]
  /** The minutes after its start at which each container is read; null where time does not say. */
  readMinutes: (plan: Plan) => number[] | null
  /** Whether something happens in a try before it is read at a moment: the ball falls, the water soaks in. */
  runsBefore: (plan: Plan, moment: string) => boolean
  /** What is typed in a slot, in order. */
  fields: (plan: Plan) => FieldDefinition[]
  /** One try of one level from left to right, as the grid and the paper show it. */
  columns: (plan: Plan) => Column[]
  /**
   * Whether levels stand beside one another in the grid, beneath with their moments beside one another, or together in what is typed.
   */
  layout: (plan: Plan) => 'levels-across' | 'levels-beneath' | 'together'
  /**
   * The slots that a group is asked to fill, in working order, where that depends on what it has found so far: with pairs, which one
   * comes next. The first open one is next; those after it may still change. Null where every slot is asked for.
   */
  asks: ((plan: Plan, groupId: string, groupIndex: number, counted: readonly Entry[]) => Slot[]) | null
  /** A slot in words, without its group: "20 cm, try 2, before". */
  named: (plan: Plan, slot: Slot) => string
  /** What stands above the only try of a slot, in place of "try 1 of 1"; null where that stands. */
  onlyTry: string | null
  /** A moment as it is written in a file. */
  momentSaid: (plan: Plan, moment: string) => string
  /** A moment as it stands behind what is read then: "after 10 min", "of rice". */
  momentPhrase: (plan: Plan, moment: string) => string
  /** The number of an entry without what else stood on the balance; null while that is not known, or where it has none. */
  netReading: (plan: Plan, counted: readonly Entry[], entry: Entry) => number | null
  /** The slot that is meant, where it may be named in more than one way: B against A is A against B. */
  asSlot: (plan: Plan, slot: Slot) => Slot
  /** The levels that a slot of a group tells of. */
  levelsIn: (plan: Plan, slot: Slot, groupIndex: number) => string[]
  /** The levels that an entry tells of, which must stay while it counts. */
  levelsTold: (entry: Pick<Entry, 'levelId' | 'moment' | 'fields'>) => string[]
  /** The table to be written in on paper, where it is not that of levels by moments; null where it is. */
  paper: ((plan: Plan, groupIndex: number) => PaperTable) | null
  /** Whether an entry belongs to the row of a slot, which it is checked against. */
  sameRow: (slot: Slot, entry: Entry) => boolean
  /**
   * The moments that are read today, of a lesson on these school days; null where anything may be read at any time.
   */
  dueOn: (plan: Plan, days: readonly string[], today: string) => string[] | null
  /** Moments that may hold something without being asked for, such as the start. */
  beside: (plan: Plan) => string[]
  /**
   * What else is spoilt by what went wrong at a slot, of the entries that count: where one thing is read before and after, it has to be
   * begun anew.
   */
  spoiltWith: (plan: Plan, counted: readonly Entry[], slot: Slot) => Entry[]
  /** What an entry may say beside its fields, such as when it was really read. */
  also: readonly string[]
  /** Reads one field as it is typed, with friendly hints. */
  check: (plan: Plan, text: string, context: EntryContext | null) => EntryValidation
  /** Works an entry's values out from its own texts, so that no device can send a number that nobody wrote. */
  understand: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith' | 'moment'>) => Understood
  /** An entry as it stands in a cell that can be typed over. */
  write: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /** An entry as people read it, with its unit. */
  print: (plan: Plan, entry: Pick<Entry, 'fields' | 'readWith'>) => string
  /**
   * The plan as its scores are measured, where those are not what is read: beats in 15 s become beats a minute. It may depend on what
   * was read: where starts differ, a change becomes a share.
   */
  scored: (plan: Plan, counted: readonly Entry[]) => Plan
  /** Whether that depends on what was read, so that it takes the entries to print a result. */
  scoredByEntries: (plan: Plan) => boolean
  /** What is worked out of each try; null where what is read is what is compared. */
  arithmetic: Arithmetic | null
  /** For how long the children count; null where they take the time that it takes. */
  seconds: (plan: Plan) => number | null
  /** How many readings enter one score, on average: two where it is a change, three where two sticks and a rest were laid end to end. */
  readingsPerScore: (plan: Plan, counted: readonly Entry[]) => number
  /** What an entry of a slot is compared with while it is typed, on the scale on which it is read. */
  comparable: (plan: Plan, counted: readonly Entry[], slot: Slot) => Score[]
  /** What of one try can be compared with each other; null where a try is one number. */
  sides: Sides | null
  /** What the readings look like; null where the dots of the scores show it all. */
  picture: ((plan: Plan, counted: readonly Entry[]) => Picture) | null
  /** What each level did, in the way's own words; null where the sentence of the result says it. */
  detail: (plan: Plan, counted: readonly Entry[], results: readonly LevelResult[]) => string | null
  /** What cannot all be right. */
  doubts: (plan: Plan, counted: readonly Entry[]) => Doubt[]
  /** What is to be seen while nothing can be compared yet; null where that is nothing. */
  soFar: (plan: Plan, counted: readonly Entry[]) => ResultSentence | null
  /** What evidence sees of the entries that stand and count. */
  scores: (plan: Plan, counted: readonly Entry[]) => Score[]
}
