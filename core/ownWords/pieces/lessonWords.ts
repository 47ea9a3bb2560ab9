import { itemAt } from '../../defined'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { adjectiveForm } from '../../words'
import { isSameWord } from '../sameWord'
import { fillers, joints, negations } from '../vocabulary'
import { isCalled } from './sideNouns'

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

/** What any result may be called. */
const results =
  /^(?:weight|mass|size|length|height|time|amount|number|distance|force|temperature|speed|volume|result|place)s?$/
/** What goes on after "the same" about when that was so. */
const everywhere = /^(?:whatever|however|whichever|every|each|all|any)$/
const people = /^(?:we|groups?|everyone|everybody|teams?|us|class)$/

/**
 * Whether "the same" is said of results: not of what was kept the same ("the same ball"), nor of groups that agree ("we all found the
 * same").
 * @param at where it begins, and @param end where it ends
 */
export function isSameResult(
  lesson: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
  end: number,
): boolean {
  const { measured, changed } = lesson
  const before = words.slice(Math.max(0, at - 5), at)
  const agrees =
    before.some((word) => people.test(word.normal)) &&
    before.some((word) => /^(?:find|get|have|see|measure)$/.test(word.root))
  const next = words[end]
  if (agrees || !next || itemAt(words, end - 1).stop) return !agrees
  const isPlain =
    fillers.has(next.normal) ||
    everywhere.test(next.normal) ||
    joints.has(next.normal) ||
    negations.has(next.normal) ||
    next.normal === 'as' ||
    adjectiveForm(next.normal) !== null
  return (
    isPlain ||
    results.test(next.normal) ||
    isCalled(lesson, next.normal) ||
    [...measured, ...changed].some((own) => isSameWord(own, next))
  )
}
