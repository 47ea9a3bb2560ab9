import type { Background } from './background'
import type { Instrument } from '../instrument'
import type { Unit } from '../quantity'
import type { HazardId } from '../catalogue'
import type { Material, Preparing } from './material'
import type { Recording } from './recording'
import type { ResultScale } from './resultScale'
import type { PlanTimes } from './times'

/**
 * What a class compares: its levels; one thing with itself, at several moments; parts with the whole; places read together; or nothing,
 * where it looks how much one setting varies.
 */
export const comparisonKinds = ['levels', 'variation', 'itself', 'parts', 'places'] as const
export type ComparisonKind = (typeof comparisonKinds)[number]
/** Comparisons inside one try: its sides are set beside each other, and the levels are no more than where that was done. */
export type SidesKind = Extract<ComparisonKind, 'itself' | 'parts' | 'places'>

/** The one thing that is changed: a number with a unit, or named kinds. */
export interface Changed {
  name: string
  kind: 'number' | 'kinds'
  /** The unit of the levels when they are numbers. */
  unit: Unit | null
  /** How far the set-up lets a number go, in `unit`: "the table is 120 cm long". Null when nobody has said. */
  range: { least: number; greatest: number } | null
  called?: Called
}

/** What more and less of a variable are called where a school says it in its own words; several words are parted by commas. */
export interface Called {
  more: string
  less: string
}

/** One value or kind of the thing that is changed. */
export interface Level {
  id: string
  /** What a named kind is called; empty when the level is a number. */
  name: string
  value: number | null
  /** "Plain, nothing added": what the other levels are compared with. */
  baseline: boolean
  /** Identifier of a photo or sketch of it. */
  picture: string | null
}

/** Something else that the levels may differ in; what it is at each level, by level id, as the teacher states it. */
export interface Property {
  id: string
  name: string
  at: Record<string, string>
  /** Whether it is known and can't be helped: it then stands beside the result. */
  known?: boolean
}

/** A card on the variables board that has not been picked: something that could be changed, or measured. */
export interface Idea {
  id: string
  name: string
  /** Its levels from when it was the thing changed, so that picking it again brings them back. */
  was?: FormerlyChanged | null
}

/** What a card was while it was the thing changed. */
export interface FormerlyChanged {
  changed: Changed
  levels: Level[]
}

/** The one thing that is measured, and what with. */
export interface Measured {
  name: string
  unit: Unit
  instrument: Instrument
  /** What a result is where it is no quantity; only a plan as it is scored says so. */
  scale?: ResultScale
  called?: Called
}

/** A thing that would matter if it changed, and how it is kept from changing: a value or a rule. */
export interface KeptSame {
  id: string
  name: string
  how: string
  /** Whether it can't be kept the same, as the teacher has written down: it then stands beside the result. */
  loose?: boolean
  /** Its levels from when it was the thing changed, so that picking it again brings them back. */
  was: FormerlyChanged | null
}

/**
 * How a prediction is put: a direction, the order of the levels, a number, a choice of level, between which levels most of it happens, which of
 * two levels beats the other, or how the sides of one thing compare.
 */
export const predictionFormats = [
  'direction',
  'order',
  'number',
  'choice',
  'stretch',
  'pair',
  'sides',
] as const
export type PredictionFormat = (typeof predictionFormats)[number]

/** Whose prediction it is. */
export const predictorKinds = ['child', 'group', 'class'] as const
export type Predictor = (typeof predictorKinds)[number]

/** When a prediction is made: before testing, after the first readings, or once the parts of a whole are measured. */
export const predictionStepKinds = ['before', 'begun', 'parts'] as const
export type PredictionStep = (typeof predictionStepKinds)[number]

/** Who tests which levels, and where. */
export const whoTestsKinds = ['all-levels', 'shared-levels', 'whole-class', 'stations', 'at-home'] as const
export type WhoTests = (typeof whoTestsKinds)[number]

/** Whether the children do the sums of a try, which are then checked, or see them done. */
export type WorkOut = 'children' | 'shown'

/** How several tries become one number. */
export const summaryKinds = ['mean', 'median', 'most-common', 'none'] as const
export type Summary = (typeof summaryKinds)[number]

/** How finely a reading is taken: to the nearest mark, or to half marks too. */
export const roundingKinds = ['mark', 'half-mark'] as const
export type Rounding = (typeof roundingKinds)[number]

/** What the teacher expects to see, in the unit measured: the three answers that a rehearsal needs. */
export interface Expectation {
  /** At the first level in the order of comparison. */
  first: number
  /** At the last level. */
  last: number
  /** How far apart two tries of the same group usually are. */
  apart: number
}

/** The version in which plans are written; rows and files of every earlier one are brought to it (`upgradePlan`). */
export const planFormat = 7

/** An investigation: everything that must be settled before the first reading. */
export interface Plan {
  /** What its fields are called and mean; it has nothing to do with how often the plan was saved. */
  formatVersion: typeof planFormat
  title: string
  question: string
  /** What "best" stands for in the question: the most or the least of what is measured. */
  best: 'most' | 'least' | null
  recording: Recording
  /** Cards of the variables board that lie in their trays. */
  ideas: { change: Idea[]; measure: Idea[] }
  /** What is compared; where nobody has said, it goes by the way of recording and by how many levels there are. */
  comparison?: ComparisonKind
  changed: Changed
  levels: Level[]
  properties: Property[]
  measured: Measured
  keptSame: KeptSame[]
  tries: number
  practiceTries: number
  summary: Summary
  rounding: Rounding
  whoTests: WhoTests
  /** Whether every group goes through the levels in the same order or in its own. */
  levelOrder: 'same' | 'own'
  prediction: {
    format: PredictionFormat
    because: boolean
    who: Predictor
    /** What a number is for, where somebody has chosen it: one of the levels, one moment of a try, or both. */
    numberFor?: { levelId: string | null; moment: string | null }
    /** When it is asked once more, with what is known by then. */
    again?: Exclude<PredictionStep, 'before'>
  }
  materials: Material[]
  /** Lines of the kit that come by themselves and that the teacher has taken out, by id. */
  leftOut: string[]
  preparing: Preparing[]
  /** What it is about, and its words, where somebody has written it. */
  background?: Background
  /** What else needs care, beside what the plan itself shows. */
  hazards: HazardId[]
  steps: string[]
  /** Who works out what a try comes to: the children, checked, or the tool. By age where nobody has said. */
  workOut?: WorkOut
  /** Who takes the mean or the middle of several tries; the tool where nobody has said. */
  sumUp?: WorkOut
  /** How long things take, where somebody has said so. */
  times: PlanTimes
  /** Null until the teacher has said what to expect. */
  expected: Expectation | null
  /** What was changed besides, where the levels are the sides of one thing; only a plan as it is scored says so. */
  besides?: FormerlyChanged
}

/** The most levels and tries that a class can work with and a screen can show. */
export const planLimits = {
  levels: 12,
  tries: 10,
  practiceTries: 5,
  keptSame: 20,
  ideas: 20,
  properties: 6,
  materials: 40,
  preparing: 20,
  steps: 20,
  words: 12,
} as const
