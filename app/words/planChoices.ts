import { format } from 'date-fns'
import { pictureKeeping, type PictureRule } from '#core/calendar'
import { paces, paceWords } from '#core/timetable'
import { ageBands, vocabularyKinds, type Vocabulary } from '#core/class'
import {
  predictorKinds,
  roundingKinds,
  summaryKinds,
  unitSystems as unitSystemKinds,
  whoTestsKinds,
  type Predictor,
  type Rounding,
  type Summary,
  type UnitSystem,
  type WhoTests,
} from '#core/plan'

/** One line of a list to choose from. */
interface Choice<T> {
  title: string
  value: T
}

/** Everything of a kind, in its own order, as a list to choose from. */
const titled = <T extends string>(kinds: readonly T[], titles: Record<T, string>): Choice<T>[] =>
  kinds.map((value) => ({ title: titles[value], value }))

export const vocabularies = titled<Vocabulary>(vocabularyKinds, {
  plain: 'we change, we measure, we keep the same',
  formal: 'independent, dependent, control',
  tested: 'test, outcome, controlled',
})

export const whoTests = titled<WhoTests>(whoTestsKinds, {
  'all-levels': 'every group, all levels',
  'shared-levels': 'levels shared over the groups',
  'whole-class': 'once, for all to see',
  stations: 'groups turn from station to station',
  'at-home': 'at home, over some days',
})

export const summaries = titled<Summary>(summaryKinds, {
  mean: 'the mean',
  median: 'the middle value',
  'most-common': 'the most common',
  none: 'none, dots only',
})

export const roundings = titled<Rounding>(roundingKinds, {
  mark: 'the nearest mark',
  'half-mark': 'half marks too',
})

export const predictors = titled<Predictor>(predictorKinds, {
  child: 'every child',
  group: 'each group',
  class: 'the class together',
})

export const unitSystems = titled<UnitSystem>(unitSystemKinds, {
  metric: 'metric: cm, g, °C',
  customary: 'customary: inches first',
})

/** Whole numbers in a row, as a list to choose from. */
export const counts = (from: number, to: number): number[] =>
  Array.from({ length: to - from + 1 }, (_, index) => from + index)

/** How old the children of a class are. */
export const ages = ageBands.map((band) => ({ title: `${band.replace('-', ' to ')} years`, value: band }))

/** How long the pictures that children took stay. */
export const pictureKeepings = titled<PictureRule['keep']>(pictureKeeping, {
  'this-year': 'the end of their school year',
  'next-year': 'the end of the next school year',
  'for-good': 'somebody deletes them',
})

/** The months of a year, 1 to 12. */
export const months = Array.from({ length: 12 }, (_, month) => ({
  title: format(new Date(2026, month, 1), 'MMMM'),
  value: month + 1,
}))

/** How long children of an age take to set up and to read. */
export const paceChoices = paces.map((value) => ({ title: paceWords(value), value }))
