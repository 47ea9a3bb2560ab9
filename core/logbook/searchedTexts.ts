import type { Conclusion } from '../conclusion'
import { levelName, type Plan } from '../plan'
import { standingReviews, type Review } from '../review'

/** Where something of a lesson stands that the logbook searches but does not show. */
export type SearchedPlace = 'materials' | 'words' | 'variables' | 'conclusion' | 'visits'

/** The texts of a lesson by where they stand. */
export type SearchedTexts = Record<SearchedPlace, string[]>

const notEmpty = (texts: readonly string[]) => [
  ...new Set(texts.map((text) => text.trim()).filter((text) => text !== '')),
]

/**
 * What the logbook searches of a lesson beside what it shows: names of materials, words of science, what was changed, measured and kept
 * the same, what the class concluded, and what groups left with each other.
 * @example searchedTexts(plan, conclusion, []).variables[0] // 'drop height'
 */
export function searchedTexts(plan: Plan, conclusion: Conclusion, reviews: readonly Review[]): SearchedTexts {
  const { why, dissent, better } = conclusion
  return {
    materials: notEmpty(plan.materials.map(({ name }) => name)),
    words: notEmpty(plan.background?.words.map(({ word }) => word) ?? []),
    variables: notEmpty([
      ...[plan.changed.name, plan.measured.name, plan.measured.instrument.name],
      ...plan.levels.map((level) => levelName(plan, level)),
      ...plan.keptSame.flatMap(({ name, how }) => [name, how]),
    ]),
    conclusion: notEmpty([why, dissent, better]),
    visits: notEmpty(
      standingReviews(reviews).flatMap(({ convinced, question, answer }) => [convinced, question, answer]),
    ),
  }
}
