import type { ParsedLesson } from '../lesson'
import type { ParsedWord } from '../parsedWord'
import { isSameWord } from '../sameWord'

/** Whether a word is one that the lesson itself speaks of. */
export const isOf = ({ topic, changed, measured, levels }: ParsedLesson, word: ParsedWord) =>
  [...changed, ...measured, ...topic, ...levels.flat()].some((own) => isSameWord(own, word))

/** What a misspelt word of the lesson may have been. */
export const topicWords = ({ topic, changed, measured }: ParsedLesson) =>
  [...topic, ...changed, ...measured].map((word) => word.normal)

/**
 * The place of a number among the levels, −1 where nobody tested it.
 * @example levelAt(plan, 40) // 1 of 20, 40 and 60
 */
export function levelAt({ levels }: ParsedLesson['plan'], value: number): number {
  const values = levels.flatMap((level) => level.value ?? []).sort((a, b) => a - b)
  return values.indexOf(value)
}
