import { itemAt } from '../../defined'
import {
  adjectiveForm,
  adjectiveWords,
  calledForm,
  changedSign,
  endOf,
  measuredSign,
  type AdjectiveForm,
} from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import type { Role } from '../role'
import { isSameWord, meantWord } from '../sameWord'
import { fillers, groupWords, joints, negations, reachWords, shifting, timeWords } from '../vocabulary'
import { isOf } from './lessonWords'

/** A misspelt form counts as the one that was meant. */
export function formAt(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): AdjectiveForm | null {
  const word = words[at]
  if (!word) return null
  const form = formOf(lesson, word.normal)
  const isKnown = [fillers, negations, joints, timeWords, groupWords, reachWords, shifting].some((known) =>
    known.has(word.normal),
  )
  if (form || isKnown || isOf(lesson, word)) return form
  const meant = /(?:er|est|ist)$/.test(word.normal) ? meantWord(word.normal, adjectiveWords) : null
  return meant === null ? null : adjectiveForm(meant)
}

/** A word as a form of an adjective, of those that the plan names first. */
export const formOf = ({ plan }: ParsedLesson, word: string): AdjectiveForm | null =>
  calledForm([plan.measured.called, plan.changed.called], word) ?? adjectiveForm(word)

export function degreeRole(
  lesson: ParsedLesson,
  { adjective, degree }: AdjectiveForm,
  words: readonly ParsedWord[],
  at: number,
): Role | null {
  const { plan } = lesson
  if (isOfThing(lesson, adjective, words, at)) return null
  const of = nounBehind(lesson, words, at)
  const hasNumbers = plan.changed.kind === 'number'
  const changed = of === 'measured' || !hasNumbers ? null : changedSign(plan.changed, adjective)
  const ofLoss =
    isOfLoss(plan, adjective) && !words.some((word) => lossWords.has(word.root) || word.normal === 'down')
  const measured =
    (of === 'changed' && hasNumbers) || ofLoss
      ? null
      : (bestSign(plan, adjective) ?? measuredSign(plan.measured, adjective))
  return changed === null && measured === null
    ? null
    : { kind: 'degree', degree, adjective, changed, measured }
}

/** "Less heat" is no less of what was lost, unless somebody says that it was lost. */
const isOfLoss = ({ measured }: ParsedLesson['plan'], adjective: string) =>
  measured.scale === undefined &&
  / lost$/.test(measured.name) &&
  endOf(adjective, ['size', 'amount']) !== null
const lossWords = new Set(['lose', 'lost', 'shrink', 'cool', 'drop', 'fall', 'change'])

/** "Easily" is how easy it was. */
export function adverbForm(word: string): AdjectiveForm | null {
  if (!word.endsWith('ly')) return null
  const stem = word.slice(0, -2)
  return adjectiveForm(stem) ?? adjectiveForm(stem.replace(/i$/, 'y'))
}

/** Good is what the plan says is best; nobody knows while it says nothing. */
export function bestSign({ best }: ParsedLesson['plan'], adjective: string): 1 | -1 | null {
  if (best === null || (adjective !== 'good' && adjective !== 'bad')) return null
  return (best === 'least') === (adjective === 'good') ? -1 : 1
}

/** Whether the noun that an adjective stands before is of what is changed, or of what is measured. */
function nounBehind(
  { changed, measured }: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
): 'changed' | 'measured' | null {
  for (let next = at + 1; next <= at + 3; next++) {
    const word = words[next]
    if (!word || itemAt(words, next - 1).stop) return null
    const ofChanged = changed.some((own) => isSameWord(own, word))
    const ofMeasured = measured.some((own) => isSameWord(own, word))
    if (ofChanged !== ofMeasured) return ofChanged ? 'changed' : 'measured'
    if (!fillers.has(word.normal) || /^(?:than|when|if|with|from|at|the|it|was|were|is)$/.test(word.normal))
      return null
  }
  return null
}

/**
 * Whether an adjective says what a thing itself is like, and nothing of the result: "the longest strip"; "the napkin was the biggest", where no
 * size was measured; "took the longest", where no time was.
 */
function isOfThing(
  { plan, topic, changed, measured }: ParsedLesson,
  adjective: string,
  words: readonly ParsedWord[],
  at: number,
): boolean {
  const isIn = (own: readonly ParsedWord[], word: ParsedWord) => own.some((one) => isSameWord(one, word))
  const next = itemAt(words, at).stop ? undefined : words[at + 1]
  const isThing = next && !fillers.has(next.normal) && !adjectiveForm(next.normal) && isIn(topic, next)
  if (isThing && !isIn([...changed, ...measured], next)) return true
  const ofSize = endOf(adjective, ['size']) !== null
  if (ofSize && !words.some((word) => !fillers.has(word.normal) && isIn([...changed, ...measured], word)))
    return true
  const inTime =
    /^(?:s|min)$/.test(plan.measured.unit) || ['place', 'when'].includes(plan.measured.scale?.kind ?? '')
  return !inTime && /^(?:long|short)$/.test(adjective) && words.some((word) => word.root === 'take')
}
