import { firstOf, itemAt, defined } from '../../defined'
import { ofKind, type Piece } from '../role'
import type { Statement } from '../statement'
import { claim, endClaim, has, isOnly, type Clause } from './clause'

/** "60 cm was not as bouncy as 20 cm." */
export function asMuchAs(clause: Clause): Statement[] | null {
  const { pieces, levels, negated } = clause
  const [degree] = ofKind(pieces, 'degree')
  if (!has(clause, 'as') || !degree || degree.degree !== 'plain') return null
  if (!isOnly(clause, 'as', 'degree', 'not', 'level', 'same')) return null
  if (has(clause, 'same') && levels.length === 0) return [claim('trend', 'same', [], negated)]
  const [one, other] = levels
  if (
    levels.length !== 2 ||
    defined(one).length !== 1 ||
    defined(other).length !== 1 ||
    degree.measured === null
  )
    return null
  const places = [firstOf(defined(one)), firstOf(defined(other))]
  return negated
    ? [claim('pair', degree.measured > 0 ? 'less' : 'more', places, false)]
    : [claim('pair', 'same', places, false)]
}

/** "Bubble wrap was best, then the sock, then newspaper." */
export function order(clause: Clause): Statement[] | null {
  const { pieces, levels, superlatives, negated } = clause
  const [top] = superlatives
  const steps = ofKind(pieces, 'joint').filter((one) => one.then).length
  if (negated || !top || top.measured === null || steps === 0 || clause.comparatives.length > 0) return null
  if (!isOnly(clause, 'degree', 'level', 'joint') || levels.some((places) => places.length !== 1)) return null
  const [last] = superlatives.slice(1)
  if (superlatives.length > 2 || (last && last.measured !== -top.measured) || levels.length < 3) return null
  const more = top.measured > 0 ? 'more' : 'less'
  return levels
    .slice(1)
    .map(([place], index) => claim('pair', more, [firstOf(itemAt(levels, index)), defined(place)], false))
}

/** "Tile and wood were both better than carpet"; "better than the others". */
export function thanOther(clause: Clause): Statement[] | null {
  const { pieces, comparatives, negated, lesson } = clause
  const at = pieces.findIndex(({ role }) => role.kind === 'than')
  const [comparer] = comparatives
  if (
    at < 0 ||
    comparatives.length !== 1 ||
    !comparer ||
    comparer.measured === null ||
    clause.superlatives.length > 0
  )
    return null
  if (!isOnly(clause, 'than', 'degree', 'moves', 'level', 'not', 'amount', 'others', 'joint', 'happens'))
    return null
  const placesOf = (part: readonly Piece[]) => ofKind(part, 'level').flatMap(({ places }) => places)
  const [left, right] = [placesOf(pieces.slice(0, at)), placesOf(pieces.slice(at))]
  const comparison = comparer.measured > 0 ? 'more' : 'less'
  const [amount] = ofKind(pieces, 'amount')
  if (has(clause, 'others')) {
    if (left.length !== 1 || right.length > 0 || amount) return null
    return [claim(comparison === 'more' ? 'most' : 'least', comparison, left, negated)]
  }
  if (left.length === 0 || right.length === 0 || left.some((place) => right.includes(place))) return null
  if (right.some((place) => place >= lesson.plan.levels.length)) return null
  const several = left.length * right.length > 1
  if (several && (negated || amount)) return null
  return left.flatMap((one) =>
    right.map((other) => claim('pair', comparison, [one, other], negated, amount?.value ?? null)),
  )
}

/** "The shadow was longest when the lamp was nearest." */
export function bothEnds(clause: Clause): Statement[] | null {
  const { superlatives, comparatives, negated, lesson, levels } = clause
  const [one, other] = superlatives
  if (superlatives.length !== 2 || comparatives.length > 0 || levels.length > 0 || !one || !other) return null
  if (!isOnly(clause, 'degree', 'not', 'joint')) return null
  const ways = [
    [one, other],
    [other, one],
  ].flatMap(([changes, measures]) =>
    changes?.changed && measures?.measured ? [[changes.changed, measures.measured] as const] : [],
  )
  const [way] = ways
  if (!way || ways.some((each) => each[0] !== way[0] || each[1] !== way[1])) return null
  const place = way[0] > 0 ? lesson.plan.levels.length - 1 : 0
  return [endClaim(way[1], [place], negated)]
}

/** "Tile was best." */
export function end(clause: Clause): Statement[] | null {
  const { superlatives, comparatives, levels, negated } = clause
  const [top] = superlatives
  if (
    superlatives.length !== 1 ||
    comparatives.length > 0 ||
    !top ||
    top.measured === null ||
    levels.length !== 1
  )
    return null
  if (!isOnly(clause, 'degree', 'level', 'not', 'moves', 'happens', 'others')) return null
  const [places] = levels as [number[]]
  if (places.length === 1) return [endClaim(top.measured, places, negated)]
  if (negated) return null
  // "Rubber soles were best": each of them before each of the others.
  const rest = clause.lesson.plan.levels.map((_, place) => place).filter((place) => !places.includes(place))
  const comparison = top.measured > 0 ? 'more' : 'less'
  return places.flatMap((one) => rest.map((other) => claim('pair', comparison, [one, other], false)))
}

/** "Carpet made it bounce lower": nobody knows beside what. */
export function loose(clause: Clause): Statement[] | null {
  const { comparatives, superlatives, levels, negated } = clause
  const [one] = comparatives
  if (comparatives.length !== 1 || !one || one.measured === null || superlatives.length > 0) return null
  if (levels.length !== 1 || firstOf(levels).length !== 1 || negated) return null
  if (!isOnly(clause, 'degree', 'moves', 'level', 'happens')) return null
  // "Made the water warmer" may speak of the change itself.
  if (/ (?:lost|gained)$/.test(clause.lesson.plan.measured.name)) return null
  return [{ ...endClaim(one.measured, firstOf(levels), false), loose: true }]
}
