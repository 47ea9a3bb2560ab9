import { itemAt, lastOf } from '../defined'
import type { Claim } from '../conclusion'
import type { ParsedLesson } from './parsedLesson'
import type { ParsedWord } from './parsedWord'
import { piecesOf } from './pieces'
import { readPieces } from './clauses'
import { ofKind, type Piece } from './role'
import type { Statement } from './statement'

/** A part of what a class says, with what it means. */
export interface ReadPart {
  text: string
  /** Null where it was not wholly understood. */
  statements: Statement[] | null
  /** Words that reach further than any test. */
  reaches: string[]
  /** Words that nobody knows in this lesson. */
  unknown: string[]
  /** The levels that it speaks of, where the sides of one thing are compared at several. */
  besides: number[]
}

/** A class's own sentence, read. */
export interface Reading {
  parts: ReadPart[]
  strength: Claim['strength']
}

/**
 * Reads what a class says in its own words.
 * @param words of the sentence without its cause (`splitCause`), by the same grammar as the lesson's
 * @example readSentence(lesson, parseWords('Tile was best.')).parts.length // 1
 */
export function readSentence(lesson: ParsedLesson, words: readonly ParsedWord[]): Reading {
  const pieces = piecesOf(lesson, words)
  const parts = sentencesOf(pieces).flatMap((sentence) => readParts(lesson, sentence))
  const strengths = ofKind(pieces, 'strength').map((one) => one.strength)
  const strength = strengths.includes('think')
    ? 'think'
    : strengths.includes('mostly')
      ? 'mostly'
      : strengths.includes('always')
        ? 'always'
        : 'together'
  return { parts, strength }
}

/** Sentences end with a full stop; whatever else parts them is a joint. */
function sentencesOf(pieces: readonly Piece[]): Piece[][] {
  const sentences: Piece[][] = [[]]
  for (const piece of pieces) {
    if (piece.role.kind === 'joint' && /^[.!?;]$/.test(piece.text)) sentences.push([])
    else lastOf(sentences).push(piece)
  }
  return sentences.filter((sentence) => sentence.length > 0)
}

/** What is understood, clause by clause, and what is not. */
function readParts(lesson: ParsedLesson, pieces: readonly Piece[]): ReadPart[] {
  const whole = readPieces(lesson, pieces)
  if (whole) return whole.map((clause) => partOf(clause.pieces, clause.statements))
  for (let at = pieces.length - 2; at > 0; at--) {
    if (
      itemAt(pieces, at).role.kind !== 'joint' ||
      (itemAt(pieces, at).text === ',' && lesson.others.length === 0)
    )
      continue
    const [left, right] = [pieces.slice(0, at), pieces.slice(at + 1)]
    if (readPieces(lesson, left) || readPieces(lesson, right))
      return [...readParts(lesson, left), ...readParts(lesson, right)]
  }
  return [partOf(pieces, null)]
}

const partOf = (pieces: readonly Piece[], statements: Statement[] | null): ReadPart => ({
  text: pieces
    .map((piece) => piece.text)
    .join(' ')
    .replace(/\s+([,;:!?.])/g, '$1')
    .replace(/^[\s,]+|[\s,]+$/g, ''),
  statements,
  reaches: pieces
    .filter(({ role }) => role.kind === 'reach' || role.kind === 'untested')
    .map(({ text }) => text),
  unknown: pieces.filter(({ role }) => role.kind === 'unknown').map(({ text }) => text),
  besides: pieces.flatMap(({ role }) => (role.kind === 'filler' ? (role.besides ?? []) : [])),
})
