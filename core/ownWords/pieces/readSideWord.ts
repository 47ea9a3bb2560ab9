import { firstOf, itemAt } from '../../defined'
import type { SidesKind } from '../../plan'
import { adjectiveForm } from '../../words'
import { nameLevel } from '../nameLevel'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { isSameWord } from '../sameWord'
import { negations } from '../vocabulary'
import { oneWord, type Found } from './reader'
import { isCalled } from './sideNouns'

/** What a class calls the first side, and the last, beside their own names. */
const called: Record<SidesKind, { first: RegExp; last: RegExp } | null> = {
  itself: {
    first: /^(?:before|beforehand|beginning|first|original|originally|start)$/,
    last: /^(?:after|afterwards|end|finally|later|now)$/,
  },
  parts: {
    first: /^(?:alone|apart|added|individual|individually|parts?|separate|separately|singly|sum)$/,
    last: /^(?:altogether|combined|mix|mixed|mixture|together|whole)$/,
  },
  places: null,
}

/** Whatever there is more or less of, it is larger or smaller, too. */
const sizes: Readonly<Record<string, 1 | -1>> = {
  more: 1,
  bigger: 1,
  greater: 1,
  larger: 1,
  less: -1,
  fewer: -1,
  smaller: -1,
}
const falling = new Set(['fall', 'drop', 'sink', 'rise', 'climb'])
const isMeasured = ({ measured }: ParsedLesson, word: ParsedWord) =>
  measured.some((own) => isSameWord(own, word))

/** A level beside which the sides are compared: "rice and peas" is one thing, and no joint. */
export function readBesides(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const found = nameLevel.whole({ ...lesson, levels: lesson.besides, inRounds: false }, words, at)
  return found && { length: found.length, roles: [{ kind: 'filler', besides: firstOf(found.places) }] }
}

/** "Before", "together", "less": words that compare the sides of one thing, whatever is measured. */
export function readSideWord(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const { plan, levels } = lesson
  if (!plan.besides) return null
  const { normal, root } = itemAt(words, at)
  // In "it did not change" the verb is no name of a moment.
  if (normal === 'changing') return oneWord({ kind: 'filler' })
  const isDenied = words.slice(0, at).some((word) => negations.has(word.normal) || word.normal === 'nothing')
  if (root === 'change' && (normal !== 'changed' || isDenied)) return oneWord({ kind: 'matters' })
  // Peas fall, and so does what is measured, where it is spoken of.
  if (falling.has(root) && !words.some((word) => word.normal === 'it' || isMeasured(lesson, word)))
    return oneWord({ kind: 'unknown' })
  // "After we squashed it", "squashing it made it lighter": what was done to it.
  const isDone =
    (words[at - 1]?.normal === 'we' && /^(?:after|as|before|once|when)$/.test(words[at - 2]?.normal ?? '')) ||
    (at === 0 && /ing$/.test(normal) && words.some((word) => word.normal === 'made'))
  if (isDone || normal === 'just') return oneWord({ kind: 'filler' })
  const isNamed = nameLevel.whole(lesson, words, at) !== null
  if (isNamed) return null
  const own = called[plan.comparison as SidesKind]
  if (own?.first.test(normal)) return oneWord({ kind: 'level', places: [0] })
  if (own?.last.test(normal)) return oneWord({ kind: 'level', places: [levels.length - 1] })
  if (isCalled(lesson, normal)) return oneWord({ kind: 'filler' })
  const sign = sizes[normal]
  const next = words[at + 1] && adjectiveForm(itemAt(words, at + 1).normal)
  // "More bouncy" is said of the adjective behind it.
  if (sign === undefined || next?.degree === 'plain') return null
  return oneWord({
    kind: 'degree',
    degree: 'comparative',
    adjective: 'great',
    changed: null,
    measured: sign,
  })
}
