import type { Sign } from '../../words'
import { ofKind, type Piece, type Role } from '../role'

type DegreeRole = Extract<Role, { kind: 'degree' }>

/** Something that says more or less: of what is changed, of what is measured, or of either. */
export interface Comparer {
  changed: Sign | null
  measured: Sign | null
}

/** Adjectives of amount and speed say how much a verb moves: "cooled least" is one comparison. */
export function comparersOf(pieces: readonly Piece[]): {
  comparatives: Comparer[]
  superlatives: Comparer[]
} {
  const moves = ofKind(pieces, 'moves')
  const degrees = ofKind(pieces, 'degree').filter((one) => one.degree !== 'plain')
  const [move] = moves
  const graded = move && moves.length === 1 ? degrees.find((one) => gradesVerb(one)) : undefined
  if (move && graded) {
    const sign = (speedSign(graded.adjective) ?? 1) as Sign
    const both = {
      changed: null,
      measured: move.measured && ((move.measured * sign) as Sign),
      degree: graded.degree,
    }
    return byDegree([both, ...degrees.filter((one) => one !== graded)])
  }
  // "Grew taller" says no more than "taller".
  const said =
    degrees.length > 0 &&
    moves.length === 1 &&
    degrees.some((one) => one.measured !== null && one.changed === null)
  const moving = said ? [] : moves.map((one) => ({ ...one, degree: 'comparative' as const }))
  return byDegree([...degrees, ...moving])
}

function byDegree(all: readonly (Comparer & { degree: DegreeRole['degree'] })[]) {
  return {
    comparatives: all.filter((one) => one.degree === 'comparative'),
    superlatives: all.filter((one) => one.degree === 'superlative'),
  }
}

const gradesVerb = (one: DegreeRole) => one.measured !== null && speedSign(one.adjective) !== null
function speedSign(adjective: string): Sign | null {
  if (['much', 'fast', 'quick'].includes(adjective)) return 1
  return ['few', 'slow'].includes(adjective) ? -1 : null
}
