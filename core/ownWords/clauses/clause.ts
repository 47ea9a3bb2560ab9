import type { Sign } from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import { ofKind, type Piece, type Role } from '../role'
import type { Statement } from '../statement'
import { comparersOf, type Comparer } from './comparers'

type Claimed = Extract<Statement, { kind: 'claim' }>

/** What a part of a sentence has in it, by kind. */
export interface Clause {
  lesson: ParsedLesson
  pieces: readonly Piece[]
  comparatives: Comparer[]
  superlatives: Comparer[]
  negated: boolean
  levels: number[][]
}

/** Reads a clause of one build; null where it is built otherwise, or has more in it than that build says. */
export type ClauseReader = (clause: Clause) => Statement[] | null

/** A clause of these pieces. */
export const clauseOf = (lesson: ParsedLesson, pieces: readonly Piece[]): Clause => ({
  lesson,
  pieces,
  ...comparersOf(pieces),
  negated: ofKind(pieces, 'not').length % 2 === 1,
  levels: ofKind(pieces, 'level').map(({ places }) => places),
})

/** Whether a clause has any of these in it. */
export const has = ({ pieces }: Clause, ...kinds: Role['kind'][]) =>
  pieces.some(({ role }) => kinds.includes(role.kind))
/** Whether a clause has nothing else in it. */
export const isOnly = ({ pieces }: Clause, ...kinds: Role['kind'][]) =>
  pieces.every(({ role }) => kinds.includes(role.kind))

/** A statement that makes a claim. */
export const claim = (
  subject: Claimed['subject'],
  comparison: Claimed['comparison'],
  places: number[],
  negated: boolean,
  amount: number | null = null,
): Claimed => ({ kind: 'claim', subject, comparison, places, negated, amount, loose: false })

/** That a level has the most, or the least. */
export const endClaim = (sign: Sign, places: number[], negated: boolean): Claimed =>
  claim(sign > 0 ? 'most' : 'least', sign > 0 ? 'more' : 'less', places, negated)
