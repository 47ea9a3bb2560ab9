import { itemAt, defined } from '../../defined'
import { unitDefinition } from '../../quantity'
import { adjectiveForm, changedSign, verbSign } from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import { nameLevel } from '../nameLevel'
import type { ParsedWord } from '../parsedWord'
import type { Role } from '../role'
import { meantWord } from '../sameWord'
import { doings, fillers, joints, negations, reachWords, shifting } from '../vocabulary'
import { degreeRole } from './degreeRole'
import { isOf, isSameResult, topicWords } from './lessonWords'
import { oneWord, type Found } from './reader'

/** A joint; "higher … then" was meant for "than". */
export function readJoint(_lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const { normal } = itemAt(words, at)
  const compares = words.slice(0, at).some((word) => adjectiveForm(word.normal)?.degree === 'comparative')
  const isThan = normal === 'then' && compares && !words.some((word) => word.normal === 'than')
  if (isThan) return oneWord({ kind: 'than' })
  return joints.has(normal) ? oneWord({ kind: 'joint', then: normal === 'then' }) : null
}

/** Any other word. */
export function readPlainWord(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found {
  const { plan } = lesson
  const word = itemAt(words, at)
  const { normal, root } = word
  if (shifting.has(normal)) return oneWord({ kind: 'unknown' })
  if (reachWords.has(normal)) return oneWord({ kind: 'reach' })
  // "Between the heights" are all of them; between two levels is a part of them.
  if (
    normal === 'between' &&
    words.slice(at + 1, at + 4).every((one) => one.value === null && !nameLevel.part(lesson, [one], 0))
  )
    return oneWord({ kind: 'filler' })
  if (negations.has(normal)) return oneWord({ kind: 'not' })
  if (normal === 'than' || normal === 'then') return oneWord({ kind: 'than' })
  if (/^(?:same|equal|equally|identical|level)$/.test(normal))
    return oneWord({ kind: isSameResult(lesson, words, at, at + 1) ? 'same' : 'unknown' })
  if (/^(?:maybe|perhaps|probably|might|may|think|thought)$/.test(normal))
    return oneWord({ kind: 'strength', strength: 'think' })
  // "We changed the height", "changing the shape": what was done, and nothing that came of it.
  const isDone =
    root === 'change' && (normal === 'changing' || /^(?:we|i|you|they|to)$/.test(words[at - 1]?.normal ?? ''))
  if (isDone) return oneWord({ kind: 'filler' })
  if (/^(?:matter|affect|change|influence|differ)$/.test(root)) return oneWord({ kind: 'matters' })
  if (
    normal === 'away' &&
    changedSign(plan.changed, 'far') === 1 &&
    !adjectiveForm(words[at - 1]?.normal ?? '')
  )
    return oneWord({ kind: 'moves', changed: 1, measured: null })
  const moves = movesRole(lesson, root)
  if (moves) return oneWord(moves)
  const state = isOf(lesson, word) ? null : stateRole(lesson, words, at)
  if (state) return oneWord(state)
  if (plan.measured.scale?.kind === 'when' && happens(plan.measured.scale.what, word))
    return oneWord({ kind: 'happens' })
  if (isOf(lesson, word) || fillers.has(normal) || fillers.has(root) || isDoing(plan, root))
    return oneWord({ kind: 'filler' })
  const meant = meantWord(normal, topicWords(lesson))
  return oneWord({ kind: meant === null ? 'unknown' : 'filler' })
}

/** "Low drops gave low bounces." */
function stateRole(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Role | null {
  const form = adjectiveForm(itemAt(words, at).normal)
  const degree =
    form?.degree === 'plain' && !['good', 'much', 'many', 'few', 'little'].includes(form.adjective)
      ? degreeRole(lesson, form, words, at)
      : null
  return degree?.kind === 'degree'
    ? { kind: 'state', changed: degree.changed, measured: degree.measured }
    : null
}

/** "Fell" says nothing of a result where things are let fall. */
function movesRole({ plan, topic, changed, measured }: ParsedLesson, verb: string): Role | null {
  const falls = ['fall', 'drop', 'sink', 'rise', 'climb'].includes(verb)
  const isThing = [...topic, ...changed, ...measured].some((own) => own.root === verb)
  if (isThing || (falls && [...topic, ...changed].some((own) => /^(?:drop|fall|height)/.test(own.root))))
    return null
  if (plan.measured.scale) return null
  const ofMeasured = verbSign(plan.measured.name, plan.measured.unit, verb)
  const ofChanged =
    plan.changed.kind === 'number' ? verbSign(plan.changed.name, plan.changed.unit, verb) : null
  return ofMeasured === null && ofChanged === null
    ? null
    : { kind: 'moves', changed: ofChanged, measured: ofMeasured }
}

/** What things do while this is measured, which says nothing of how much: bubbles last, and pop. */
function isDoing({ measured: { unit, scale } }: ParsedLesson['plan'], verb: string): boolean {
  return doings[scale?.kind ?? unitDefinition(unit).dimension]?.has(verb) ?? false
}

/** "Rusted", of what may never have come to that. */
const happens = (what: string, word: ParsedWord) =>
  defined(doings.when).has(word.root) ||
  what
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .includes(word.normal)
