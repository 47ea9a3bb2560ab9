import type { Plan } from '#core/plan'

/** An investigation that ships with the product, with what a class may expect to see. */
export interface Starter {
  id: string
  plan: Plan
  /** One line for the list of starters. */
  about: string
  /** What a careful class may expect, and where these numbers come from. */
  expected: {
    /** The value at each level, by level id, in the unit measured. */
    values: Record<string, number>
    /** How far tries of one group scatter, as a share of the value (standard deviation). */
    trySpread: number
    /** How far groups differ from each other throughout, as a share of the value (standard deviation). */
    groupSpread: number
    basis: string
  }
}

/** The usual fields of a starter's plan. */
export const starterDefaults = {
  best: null,
  aim: 'compare',
  recording: { kind: 'measure' },
  ideas: { change: [], measure: [] },
  properties: [],
  tries: 3,
  practiceTries: 1,
  summary: 'median',
  rounding: 'mark',
  whoTests: 'all-levels',
  levelOrder: 'same',
} satisfies Partial<Plan>
