import { verbSign } from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import type { Role } from '../role'
import { phrases, type PhraseKind } from '../vocabulary'
import { isSameResult } from './lessonWords'
import { oneWord, type Found } from './reader'

/** Several words that mean something together: "the same", "no difference". */
export function readPhrase(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const { plan } = lesson
  for (const [pattern, kind] of phrases) {
    const parts = pattern.split(' ')
    const fits = parts.every((part, index) => {
      const word = words[at + index]
      return word !== undefined && part.split('|').some((one) => one === word.normal || one === word.root)
    })
    if (fits && kind === 'same' && !isSameResult(lesson, words, at, at + parts.length))
      return oneWord({ kind: 'unknown' })
    if (fits) return { length: parts.length, roles: rolesOfPhrase(kind, plan) }
  }
  return null
}

function rolesOfPhrase(kind: PhraseKind, { measured: { name, unit, scale } }: ParsedLesson['plan']): Role[] {
  const comparing = (sign: 1 | -1, degree: 'comparative' | 'superlative'): Role => ({
    kind: 'degree',
    degree,
    adjective: '',
    changed: null,
    measured: sign,
  })
  const inTime = scale?.kind === 'place' || scale?.kind === 'when'
  switch (kind) {
    case 'climbing':
      return [comparing(1, 'comparative'), { kind: 'along' }]
    case 'sinking':
      return [comparing(-1, 'comparative'), { kind: 'along' }]
    case 'no-difference':
      return [{ kind: 'not' }, { kind: 'matters' }]
    // Water goes up a paper, which says nothing of who is first.
    case 'up':
      return [
        scale ? { kind: 'filler' } : { kind: 'moves', changed: 1, measured: verbSign(name, unit, 'rise') },
      ]
    case 'down':
      return [
        scale ? { kind: 'filler' } : { kind: 'moves', changed: -1, measured: verbSign(name, unit, 'fall') },
      ]
    case 'first':
      return inTime ? [comparing(-1, 'superlative')] : [{ kind: 'unknown' }]
    case 'last':
      return inTime ? [comparing(1, 'superlative')] : [{ kind: 'unknown' }]
    case 'think':
      return [{ kind: 'strength', strength: 'think' }]
    case 'mostly':
      return [{ kind: 'strength', strength: 'mostly' }]
    case 'unsure':
    case 'others':
    case 'along':
    case 'matters':
    case 'same':
      return [{ kind }]
  }
}
