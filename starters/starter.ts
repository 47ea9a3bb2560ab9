import { defined } from '#core/defined'
import type { HazardId } from '#core/catalogue'
import type { AgeBand } from '#core/class'
import { fromCupboard, instrumentCupboard, type Instrument } from '#core/instrument'
import {
  planFormat,
  type Background,
  type KeptSame,
  type Level,
  type Material,
  type Plan,
  type ScienceWord,
} from '#core/plan'

/** A word in a starter's list, with what it means at each age. */
interface StarterWord extends Omit<ScienceWord, 'meaning'> {
  meaning: Record<AgeBand, string>
}

/** What a starter is about, with words for three ages. */
export interface StarterBackground extends Omit<Background, 'words'> {
  words: StarterWord[]
}

/** A word with its meaning for the youngest, the middle and the oldest, and a sentence that uses it. */
export const word = (
  name: string,
  [young, middle, old]: readonly [string, string, string],
  use: string,
): StarterWord => ({ word: name, meaning: { '5-7': young, '7-9': middle, '9-11': old }, use })

/** The plan of a starter for an age: with what it is about, in words for that age. */
export const starterPlan = (
  { plan, background }: Pick<Starter, 'plan' | 'background'>,
  age: AgeBand,
): Plan => ({
  ...plan,
  background: {
    ...background,
    words: background.words.map((one) => ({ ...one, meaning: one.meaning[age] })),
  },
})

/** An investigation that ships with the product, with what a class may expect to see. */
export interface Starter {
  id: string
  plan: Plan
  background: StarterBackground
  /** One line for the list of starters. */
  about: string
  /** The cautions that it shows to a class of 7 to 9, each looked at by hand: what the test really has. */
  cautions: readonly HazardId[]
  /** What a careful class may expect, and where these numbers come from. */
  expected: {
    /** The score at each level, by level id: what is read, or what is worked out of it. */
    values: Record<string, number>
    /** Of what is read over time: the value at a minute, or on a day from 1, by level id, and at a place where there are several. */
    course?: (levelId: string, at: number, position: string) => number
    /** Where the score is worked out: what each moment of a try reads that comes to such a score. */
    row?: (levelId: string, score: number, normal: () => number) => Record<string, number>
    /** Where a design is altered: what groups do before a round, by its id. */
    altered?: Record<string, readonly string[]>
    /** How far tries of one group scatter, as a share of the value (standard deviation). */
    trySpread: number
    /** How far groups differ from each other throughout, as a share of the value (standard deviation). */
    groupSpread: number
    basis: string
  }
}

/** The usual fields of a starter's plan. */
export const starterDefaults = {
  formatVersion: planFormat,
  best: null,
  recording: { kind: 'measure' },
  properties: [],
  tries: 3,
  practiceTries: 1,
  summary: 'median',
  rounding: 'mark',
  whoTests: 'all-levels',
  levelOrder: 'same',
  leftOut: [],
  preparing: [],
  hazards: [],
  times: {},
} satisfies Partial<Plan>

/** An instrument as it lies in the cupboard. */
export function instrument(id: string): Instrument {
  return fromCupboard(defined(instrumentCupboard.find((one) => one.id === id)))
}

/** Levels that are numbers, named by a letter and their value. */
export const numberLevels = (letter: string, values: readonly number[]): Level[] =>
  values.map((value) => ({ id: `${letter}${value}`, name: '', value, baseline: false, picture: null }))

/** Levels that are named kinds; the first may be the one to compare with. */
export const kindLevels = (
  kinds: readonly (readonly [id: string, name: string, ...rest: unknown[]])[],
  baseline = false,
): Level[] =>
  kinds.map(([id, name], index) => ({
    id,
    name,
    value: null,
    baseline: baseline && index === 0,
    picture: null,
  }))

export const same = (id: string, name: string, how: string): KeptSame => ({ id, name, how, was: null })

/** What a line of the kit says beyond its name and rule. */
interface ItemFacts {
  amount?: number
  unit?: string
  /** Spares in whole ones, or in per cent. */
  spare?: number
  percent?: number
  level?: string | null
  place?: Material['place']
  made?: Material['made']
}

/** One line of the kit list; a thing is counted unless it has a unit. */
export const item = (
  id: string,
  name: string,
  per: Material['per'],
  use: Material['use'],
  { amount = 1, unit = '', spare = 0, percent, level = null, place = 'tray', made = null }: ItemFacts = {},
): Material => ({
  id,
  name,
  amount,
  unit,
  per,
  use,
  spare: percent === undefined ? { kind: 'number', value: spare } : { kind: 'percent', value: percent },
  level,
  place,
  made,
})

/** Cards of what else could be measured; what else could be changed lies under *keep the same*. */
export const ideasToMeasure = (names: readonly string[]): Plan['ideas'] => ({
  change: [],
  measure: names.map((name, index) => ({ id: `measure-${index + 1}`, name })),
})
