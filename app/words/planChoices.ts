import type { Vocabulary } from '#core/class'
import type { Plan, Predictor, SchoolWays, Summary, WhoTests } from '#core/plan'

/** One line of a list to choose from. */
interface Choice<T> {
  title: string
  value: T
}

/** The words for what a plan or a school can choose, in the order in which lists offer them. */
export const vocabularies: Choice<Vocabulary>[] = [
  { title: 'we change, we measure, we keep the same', value: 'plain' },
  { title: 'independent, dependent, control', value: 'formal' },
  { title: 'test, outcome, controlled', value: 'tested' },
]

export const whoTests: Choice<WhoTests>[] = [
  { title: 'every group, all levels', value: 'all-levels' },
  { title: 'levels shared over the groups', value: 'shared-levels' },
  { title: 'the whole class together', value: 'whole-class' },
  { title: 'groups turn from station to station', value: 'stations' },
  { title: 'at home, over some days', value: 'at-home' },
]

export const summaries: Choice<Summary>[] = [
  { title: 'the mean', value: 'mean' },
  { title: 'the middle value', value: 'median' },
  { title: 'the most common', value: 'most-common' },
  { title: 'none, dots only', value: 'none' },
]

export const roundings: Choice<Plan['rounding']>[] = [
  { title: 'the nearest mark', value: 'mark' },
  { title: 'half marks too', value: 'half-mark' },
]

export const predictors: Choice<Predictor>[] = [
  { title: 'every child', value: 'child' },
  { title: 'each group', value: 'group' },
  { title: 'the class together', value: 'class' },
]

export const unitSystems: Choice<SchoolWays['units']>[] = [
  { title: 'metric: cm, g, °C', value: 'metric' },
  { title: 'customary: inches first', value: 'customary' },
]

/** Whole numbers in a row, as a list to choose from. */
export const counts = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index)
