import { itemAt } from '../../defined'
import { parseQuantity } from '../../quantity'
import { adjectiveForm } from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { isSameWord } from '../sameWord'
import { groupWords, passing, timeWords } from '../vocabulary'
import { levelAt } from './lessonWords'
import { oneWord, type Found } from './reader'

/** A number: an amount of what is measured, a level, or one that nobody tested. */
export function readNumber(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const word = itemAt(words, at)
  if (word.value === null || lesson.levels.flat().some((own) => own.normal === word.normal)) return null
  const { plan, changed } = lesson
  const next = words[at + 1]
  const unitWords = [word.text, next?.normal ?? '']
  const glued = /\d[^\d.,]/.test(word.text)
  const typed = glued ? word.text : `${word.value} ${next?.normal ?? ''}`
  const inUnit = (unit: Parameters<typeof parseQuantity>[1]) => {
    const read = parseQuantity(typed, unit)
    return read.ok && read.typedUnit !== null ? read.value : null
  }
  const ofChanged = plan.changed.unit && plan.changed.unit !== 'count' ? inUnit(plan.changed.unit) : null
  const ofMeasured = plan.measured.unit === 'count' ? null : inUnit(plan.measured.unit)
  const isUnit = ofChanged !== null || ofMeasured !== null
  // A unit that was glued to its number is a word of its own behind it.
  const splitUnit = glued && next?.text === ''
  const length = (isUnit && !glued) || splitUnit ? 2 : 1
  const after = words[at + length]
  const comparesBy =
    after && (adjectiveForm(after.normal)?.degree === 'comparative' || after.normal === 'apart')
  const value = ofChanged ?? word.value
  const place = plan.changed.kind === 'number' ? levelAt(plan, value) : -1
  const countsChanged =
    plan.changed.kind === 'number' && after !== undefined && changed.some((own) => isSameWord(own, after))
  if (comparesBy && !countsChanged && ofMeasured !== null)
    return { length, roles: [{ kind: 'amount', value: ofMeasured }] }
  const countsMeasured =
    plan.measured.unit === 'count' &&
    words.slice(at + 1, at + 3).some((one) => adjectiveForm(one.normal)?.degree === 'comparative')
  if (countsMeasured && !countsChanged) return { length, roles: [{ kind: 'amount', value: word.value }] }
  // "From 100 cm it came up lower than 75 cm": nobody knows whether that is a level or a result.
  if (place >= 0 && ofMeasured !== null && isBareBehindThan(words, at)) return oneWord({ kind: 'unknown' })
  if (place >= 0) return { length, roles: [{ kind: 'level', places: [place] }] }
  if (ofMeasured !== null && ofChanged === null)
    return { length, roles: [{ kind: 'amount', value: ofMeasured }] }
  if (ofChanged !== null) return { length, roles: [{ kind: 'untested', text: unitWords.join(' ').trim() }] }
  if (/^ones?$/.test(word.normal)) return oneWord({ kind: 'filler' })
  // "In our five days", "the six groups".
  if (next && (timeWords.has(next.root) || groupWords.has(next.root) || passing.has(next.root)))
    return { length: 2, roles: [{ kind: 'filler' }] }
  return oneWord({ kind: 'unknown' })
}

/** Whether a number stands bare behind "than", while others before it are said to be dropped *from*. */
const isBareBehindThan = (words: readonly ParsedWord[], at: number) =>
  words[at - 1]?.normal === 'than' &&
  words
    .slice(0, at)
    .some((word, index) => word.value !== null && /^(?:from|at)$/.test(words[index - 1]?.normal ?? ''))
