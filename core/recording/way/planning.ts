import type { Plan, Recording, SecondMeasure } from '../../plan'
import type { Dimension, Unit } from '../../quantity'
import type { Forgotten } from '../forgotten'
import type { WayNeeds } from '../wayNeeds'

/** What a way of recording brings to a plan. */
export interface WayPlanning {
  /** For which units a plan begins with it; null where somebody has to choose it. */
  suitsUnit: ((unit: Unit) => boolean) | null
  /** The only unit in which it takes anything; null where any will do. */
  onlyUnit: Unit | null
  /** What it needs to be told; the plan's form and its schema are made from these. */
  options: readonly WayOption[]
  /** With the usual answers. */
  usualRecording: Recording
  /** What a plan of an earlier version said, as it is said now; null where it said it as now. */
  fromOld: (saved: Record<string, unknown>) => Recording | null
  /** Whether its plans may say by which way they were recorded before. */
  keepsFormer: boolean
  /** Whether its levels are rounds in which a design is improved, one after another. */
  improves: boolean
  /** Whether one try is enough for an age that usually takes more, since it holds many readings. */
  onceIsEnough: boolean
  /** Why its class cannot be rehearsed, and what to look at instead; null where it can. */
  unrehearsed: string | null
  /** What classes leave uncontrolled when they record like this. */
  oftenForgotten: readonly Forgotten[]
  /** What a group needs at once because of it. */
  needs: (recording: Recording) => WayNeeds
  /** For how long the children count; null where they take the time that it takes. */
  seconds: (plan: Plan) => number | null
}

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
