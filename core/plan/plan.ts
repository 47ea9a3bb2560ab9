import type { Instrument } from '../instrument'
import type { Unit } from '../quantity'
import type { HazardId } from '../safety'

/** The one thing that is changed: a number with a unit, or named kinds. */
export interface Changed {
  name: string
  kind: 'number' | 'kinds'
  /** The unit of the levels when they are numbers. */
  unit: Unit | null
}

/** One value or kind of the thing that is changed. */
export interface Level {
  id: string
  /** What a named kind is called; empty when the level is a number. */
  name: string
  value: number | null
  /** "Plain, nothing added": what the other levels are compared with. */
  baseline: boolean
}

/** The one thing that is measured, and what with. */
export interface Measured {
  name: string
  unit: Unit
  instrument: Instrument
}

/** A thing that would matter if it changed, and how it is kept from changing. */
export interface KeptSame {
  id: string
  name: string
  how: string
}

/** What a material is needed for; the amount is needed once for each of these. */
export type MaterialRule = 'class' | 'group' | 'child' | 'level' | 'try' | 'level-try'

/** One line of the kit list. */
export interface Material {
  id: string
  name: string
  amount: number
  /** "mL", "cm", "sheets"; empty for things that are simply counted. */
  unit: string
  per: MaterialRule
  /** A reused thing serves one group after another use; a used-up thing is gone after one use. */
  use: 'reused' | 'used-up'
  spare: { kind: 'percent' | 'number'; value: number }
}

/** How a prediction is put: a direction, the order of the levels, a number, or a choice of level. */
export type PredictionFormat = 'direction' | 'order' | 'number' | 'choice'

/** Who tests which levels. */
export type WhoTests = 'all-levels' | 'shared-levels' | 'whole-class'

/** How several tries become one number. */
export type Summary = 'mean' | 'median' | 'most-common' | 'none'

/** What the teacher expects to see, in the unit measured: the three answers that a rehearsal needs. */
export interface Expectation {
  /** At the first level in the order of comparison. */
  first: number
  /** At the last level. */
  last: number
  /** How far apart two tries of the same group usually are. */
  apart: number
}

/** An investigation of the kind *measure*: everything that must be settled before the first reading. */
export interface Plan {
  title: string
  question: string
  /** What "best" stands for in the question: the most or the least of what is measured. */
  best: 'most' | 'least' | null
  changed: Changed
  levels: Level[]
  measured: Measured
  keptSame: KeptSame[]
  tries: number
  practiceTries: number
  summary: Summary
  rounding: 'mark' | 'half-mark'
  whoTests: WhoTests
  /** Whether every group goes through the levels in the same order or in its own. */
  levelOrder: 'same' | 'own'
  prediction: { format: PredictionFormat; because: boolean }
  materials: Material[]
  hazards: HazardId[]
  steps: string[]
  /** Null until the teacher has said what to expect. */
  expected: Expectation | null
}

/** The most levels and tries that a class can work with and a screen can show. */
export const planLimits = {
  levels: 12,
  tries: 10,
  practiceTries: 5,
  keptSame: 20,
  materials: 40,
  steps: 20,
} as const
