import type { Sign } from '../../words'
import type { ParsedLesson } from '../lesson'
import type { Piece } from '../role'
import type { Statement } from '../statement'
import { clauseOf, type ClauseReader } from './clause'
import { asMuchAs, bothEnds, end, loose, order, thanOther } from './levelClauses'
import { alongRounds, matters, never, same, trend, unsure } from './wholeClauses'

const readers: ClauseReader[] = [
  unsure,
  matters,
  same,
  asMuchAs,
  order,
  thanOther,
  bothEnds,
  end,
  trend,
  alongRounds,
  loose,
  never,
]

/**
 * What pieces of a sentence say together, in one statement or in several where it comes apart at a joint.
 * @returns null where it is not wholly understood
 * @example readPieces(lesson, piecesOf(lesson, parseWords('Tile was best.')))?.length // 1
 */
export function readPieces(lesson: ParsedLesson, pieces: readonly Piece[]): Statement[] | null {
  const meaning = pieces.filter(({ role }) => role.kind !== 'filler' && role.kind !== 'strength')
  const isStrange = meaning.some(({ role }) => ['unknown', 'reach', 'untested'].includes(role.kind))
  if (meaning.length === 0 || isStrange) return null
  // Parts come up again and again; each is read once.
  const known = new Map<string, Statement[] | null>()
  const read = (from: number, to: number): Statement[] | null => {
    const key = `${from}|${to}`
    const before = known.get(key)
    if (before !== undefined) return before
    const found = readClause(lesson, meaning.slice(from, to)) ?? readApart(from, to)
    known.set(key, found)
    return found
  }
  const readApart = (from: number, to: number) => {
    for (let at = from + 1; at < to - 1; at++) {
      if (meaning[at]!.role.kind !== 'joint') continue
      const left = read(from, at)
      const right = left && read(at + 1, to)
      if (left && right) return [...left, ...right]
    }
    return null
  }
  return read(0, meaning.length)
}

function readClause(lesson: ParsedLesson, pieces: readonly Piece[]): Statement[] | null {
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
