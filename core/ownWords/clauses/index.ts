import { firstOf, itemAt } from '../../defined'
import type { Sign } from '../../words'
import type { ParsedLesson } from '../parsedLesson'
import type { Piece } from '../role'
import type { Statement } from '../statement'
import { clauseOf, type ClauseReader } from './clause'
import { asBefore, neitherWay, oneSide, sidesSame } from './sideClauses'
import { asMuchAs, bothEnds, end, loose, order, thanOther } from './levelClauses'
import { alongRounds, matters, never, same, trend, unsure } from './wholeClauses'

const readers: ClauseReader[] = [
  unsure,
  matters,
  sidesSame,
  asBefore,
  neitherWay,
  same,
  asMuchAs,
  order,
  thanOther,
  bothEnds,
  end,
  oneSide,
  trend,
  alongRounds,
  loose,
  never,
]

/** Pieces that make one clause, and what it says. */
export interface ReadClause {
  pieces: readonly Piece[]
  statements: Statement[]
}

/**
 * What pieces of a sentence say, clause by clause: in one where they hang together, in several where they come apart at a joint.
 * @returns null where they are not wholly understood
 * @example readPieces(lesson, piecesOf(lesson, parseWords('Tile was best.')))?.length // 1
 */
export function readPieces(lesson: ParsedLesson, pieces: readonly Piece[]): ReadClause[] | null {
  if (pieces.some(({ role }) => ['unknown', 'reach', 'untested'].includes(role.kind))) return null
  // Parts come up again and again; each is read once.
  const known = new Map<string, ReadClause[] | null>()
  const read = (from: number, to: number): ReadClause[] | null => {
    const key = `${from}|${to}`
    const before = known.get(key)
    if (before !== undefined) return before
    const own = pieces.slice(from, to)
    const statements = readClause(lesson, own.filter(hasMeaning))
    const found = statements ? [{ pieces: own, statements }] : readApart(from, to)
    known.set(key, found)
    return found
  }
  const readApart = (from: number, to: number) => {
    for (let at = from + 1; at < to - 1; at++) {
      if (itemAt(pieces, at).role.kind !== 'joint') continue
      const left = read(from, at)
      const right = left && (read(at + 1, to) ?? readOn(left, pieces.slice(at + 1, to)))
      if (left && right) return [...left, ...right]
    }
    return null
  }
  const readOn = (left: readonly ReadClause[], own: readonly Piece[]): ReadClause[] | null => {
    const subject = goesOn(own) ? subjectOf(left) : null
    const statements = subject && readClause(lesson, [subject, ...own.filter(hasMeaning)])
    return statements && [{ pieces: own, statements }]
  }
  return read(0, pieces.length)
}

/** "… but less than no jacket" says something more of what was spoken of before. */
function goesOn(pieces: readonly Piece[]): boolean {
  const [first] = pieces.filter(hasMeaning)
  const before = pieces.slice(
    0,
    pieces.findIndex(({ role }) => role.kind === 'than'),
  )
  return (
    first?.role.kind === 'degree' && before.length > 0 && !before.some(({ role }) => role.kind === 'level')
  )
}

function subjectOf(left: readonly ReadClause[]): Piece | null {
  const last = left.at(-1)?.statements.at(-1)
  if (last?.kind !== 'claim' || last.places.length === 0 || last.negated) return null
  return { text: '', role: { kind: 'level', places: [firstOf(last.places)] } }
}

const hasMeaning = ({ role }: Piece) => role.kind !== 'filler' && role.kind !== 'strength'

function readClause(lesson: ParsedLesson, pieces: readonly Piece[]): Statement[] | null {
  if (pieces.length === 0) return null
  for (const each of [pieces, notAsMuch(pieces)])
    for (const reader of readers) {
      const statements = reader(clauseOf(lesson, each))
      if (statements) return statements
    }
  return null
}

/** "Not as high", without saying as what, is lower. */
function notAsMuch(pieces: readonly Piece[]): Piece[] {
  const not = pieces.findIndex(({ role }) => role.kind === 'not')
  const degree = pieces.findIndex(
    ({ role }, at) => role.kind === 'degree' && pieces[at - 1]?.role.kind === 'as',
  )
  if (not < 0 || degree < not) return [...pieces]
  return pieces.flatMap((piece, at) => {
    if (at === not || at === degree - 1) return []
    const { role } = piece
    if (at !== degree || role.kind !== 'degree') return [piece]
    const turn = (sign: Sign | null) => sign && (-sign as Sign)
    const turned = { changed: turn(role.changed), measured: turn(role.measured) }
    return [{ ...piece, role: { ...role, degree: 'comparative' as const, ...turned } }]
  })
}
