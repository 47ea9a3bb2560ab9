import type { Claim } from '../conclusion'
import type { ParsedLesson } from './lesson'
import type { ParsedWord } from './parsedWord'
import { piecesOf } from './pieces'
import { readPieces } from './clauses'
import { ofKind, type Piece } from './role'
import type { Statement } from './statement'
import { causeWords } from './vocabulary'

/** A part of what a class says, with what it means. */
export interface ReadPart {
  text: string
  /** Null where it was not wholly understood. */
  statements: Statement[] | null
  /** Words that reach further than any test. */
  reaches: string[]
  /** Words that nobody knows in this lesson. */
  unknown: string[]
}

/** A class's own sentence, read. */
export interface Reading {
  parts: ReadPart[]
  /** What the class gives as the cause; empty where it gives none. */
  why: string
  strength: Claim['strength']
}

/**
 * Reads what a class says in its own words.
 * @param words of the sentence, by the same grammar as the lesson's
 * @example readSentence(lesson, parseWords('Tile was best because it is hard.')).why // 'because it is hard'
 */
export function readSentence(lesson: ParsedLesson, words: readonly ParsedWord[]): Reading {
  const { said, why } = apart(words)
  const pieces = piecesOf(lesson, said)
  const parts = sentencesOf(pieces).flatMap((sentence) => readParts(lesson, sentence))
  const strengths = ofKind(pieces, 'strength').map((one) => one.strength)
  const strength = strengths.includes('think')
    ? 'think'
    : strengths.includes('mostly')
      ? 'mostly'
      : strengths.includes('always')
        ? 'always'
        : 'together'
  return { parts, why: textOf(why), strength }
}

/** What is said, and the cause that is given for it: before "that's why", or behind "because". */
function apart(words: readonly ParsedWord[]): { said: readonly ParsedWord[]; why: readonly ParsedWord[] } {
  const therefore = words.findIndex(
    (word, at) => word.root === 'why' && /^(?:is|was|be)$/.test(words[at - 1]?.normal ?? ''),
  )
  if (therefore >= 0) return { said: words.slice(therefore + 1), why: words.slice(0, therefore + 1) }
  const cause = words.findIndex((word) => causeWords.has(word.normal))
  return cause < 0 ? { said: words, why: [] } : { said: words.slice(0, cause), why: words.slice(cause) }
}

const textOf = (words: readonly ParsedWord[]) =>
  words
    .map(({ text, stop }) => text + stop)
    .filter(Boolean)
    .join(' ')

/** Sentences end with a full stop; whatever else parts them is a joint. */
function sentencesOf(pieces: readonly Piece[]): Piece[][] {
  const sentences: Piece[][] = [[]]
  for (const piece of pieces) {
    if (piece.role.kind === 'joint' && /^[.!?;]$/.test(piece.text)) sentences.push([])
    else sentences.at(-1)!.push(piece)
  }
  return sentences.filter((sentence) => sentence.length > 0)
}

/** The sentence as a whole, or else its parts as far as they are understood. */
function readParts(lesson: ParsedLesson, pieces: readonly Piece[]): ReadPart[] {
  const whole = readPieces(lesson, pieces)
  if (whole) return [partOf(pieces, whole)]
  for (let at = pieces.length - 2; at > 0; at--) {
    if (pieces[at]!.role.kind !== 'joint' || pieces[at]!.text === ',') continue
    const [left, right] = [pieces.slice(0, at), pieces.slice(at + 1)]
    const [ofLeft, ofRight] = [readPieces(lesson, left), readPieces(lesson, right)]
    if (ofLeft) return [partOf(left, ofLeft), ...readParts(lesson, right)]
    if (ofRight) return [...readParts(lesson, left), partOf(right, ofRight)]
  }
  return [partOf(pieces, null)]
}

const partOf = (pieces: readonly Piece[], statements: Statement[] | null): ReadPart => ({
  text: pieces.map((piece) => piece.text).join(' '),
  statements,
  reaches: pieces
    .filter(({ role }) => role.kind === 'reach' || role.kind === 'untested')
    .map(({ text }) => text),
  unknown: pieces.filter(({ role }) => role.kind === 'unknown').map(({ text }) => text),
})
