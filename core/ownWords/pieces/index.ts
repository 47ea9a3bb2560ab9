import { itemAt } from '../../defined'
import type { ParsedLesson } from '../parsedLesson'
import { nameLevel } from '../nameLevel'
import type { ParsedWord } from '../parsedWord'
import type { Piece } from '../role'
import { isSameWord } from '../sameWord'
import { readAs, readDegree } from './readDegree'
import { oneWord, type Found, type Reader } from './reader'
import { readNumber } from './readNumber'
import { readPhrase } from './readPhrase'
import { readJoint, readPlainWord } from './readPlainWord'
import { readEvery, readNothing } from './readQuantifier'
import { readBesides, readSideWord } from './readSideWord'

/**
 * What each word of a sentence does in it, for a lesson with these variables and levels.
 * @example piecesOf(lesson, parseWords('Tile was best.')).map(({ role }) => role.kind) // ['level', 'filler', 'degree']
 */
export function piecesOf(lesson: ParsedLesson, words: readonly ParsedWord[]): Piece[] {
  const pieces: Piece[] = []
  for (let at = 0; at < words.length;) {
    const found = readers.map((read) => read(lesson, words, at)).find(Boolean) ?? oneWord({ kind: 'unknown' })
    const text = words
      .slice(at, at + found.length)
      .map((word) => word.text)
      .join(' ')
      .trim()
    for (const role of found.roles) pieces.push({ text, role })
    const last = itemAt(words, at + found.length - 1)
    if (last.stop && at + found.length < words.length)
      pieces.push({ text: last.stop, role: { kind: 'joint', then: false } })
    at += found.length
  }
  return pieces
}

const readers: Reader[] = [
  readBesides,
  readSideWord,
  (lesson, words, at) => named(nameLevel.whole(lesson, words, at)),
  readNumber,
  readPhrase,
  readEvery,
  readNothing,
  readAs,
  readDegree,
  readJoint,
  (lesson, words, at) =>
    isOnlyTopic(lesson, itemAt(words, at)) ? null : named(nameLevel.part(lesson, words, at)),
  readPlainWord,
]

/** The shape of "in another shape" is what was changed, and no moment. */
const isOnlyTopic = ({ plan, topic }: ParsedLesson, word: ParsedWord) =>
  plan.besides !== undefined && topic.some((own) => isSameWord(own, word))

const named = (found: { length: number; places: number[] } | null): Found | null =>
  found && { length: found.length, roles: [{ kind: 'level', places: found.places }] }
