import type { Statement } from '../statement'
import { claim, has, isOnly, type Clause } from './clause'
import { ofKind } from '../role'

const isOfSides = ({ lesson }: Clause) => lesson.plan.besides !== undefined

/** "It weighed the same together"; "it was the same as before". */
export function sidesSame(clause: Clause): Statement[] | null {
  const { levels, negated, lesson } = clause
  if (!isOfSides(clause) || !has(clause, 'same')) return null
  if (!isOnly(clause, 'same', 'as', 'not', 'joint', 'level', 'happens')) return null
  const [place, ...others] = levels.flat()
  if (place === undefined || others.length > 0) return null
  const last = lesson.plan.levels.length - 1
  return [claim('pair', 'same', [place === 0 ? last : place, 0], negated)]
}

/** "It got neither heavier nor lighter": as much as before. */
export function neitherWay(clause: Clause): Statement[] | null {
  const { comparatives, superlatives, levels, pieces } = clause
  const [one, other] = comparatives
  if (!isOfSides(clause) || comparatives.length !== 2 || superlatives.length > 0 || levels.length > 0)
    return null
  if (!isOnly(clause, 'degree', 'moves', 'not', 'joint', 'happens')) return null
  if (!one?.measured || one.measured !== -(other?.measured ?? 0)) return null
  // Before both, once for both or once for each.
  const isDenied = pieces.findIndex(({ role }) => role.kind === 'not') === 0
  return isDenied ? [claim('trend', 'same', [], false)] : null
}

/** "It got lighter"; "together it took up less"; "lighter than before": one side, or none, is named. */
export function oneSide(clause: Clause): Statement[] | null {
  const { pieces, comparatives, superlatives, levels, negated, lesson } = clause
  const [comparer] = comparatives
  if (!isOfSides(clause) || comparatives.length !== 1 || superlatives.length > 0) return null
  if (
    !comparer?.measured ||
    !isOnly(clause, 'degree', 'moves', 'level', 'than', 'as', 'not', 'amount', 'joint', 'happens')
  )
    return null
  const named = levels.flat()
  if (named.length > 1) return null
  const last = lesson.plan.levels.length - 1
  const place = named[0] ?? last
  const beside = place === 0 ? last : 0
  const than = pieces.findIndex(({ role }) => role.kind === 'than')
  const isBehind = than >= 0 && pieces.slice(than).some(({ role }) => role.kind === 'level')
  if (than >= 0 && !isBehind) return null
  const [amount] = ofKind(pieces, 'amount')
  const places = isBehind ? [beside, place] : [place, beside]
  return [claim('pair', comparer.measured > 0 ? 'more' : 'less', places, negated, amount?.value ?? null)]
}

/** "It was as heavy as before"; "it weighed just as much together". */
export function asBefore(clause: Clause): Statement[] | null {
  const { pieces, levels, negated, lesson } = clause
  const [degree] = ofKind(pieces, 'degree')
  const [place, ...others] = levels.flat()
  if (!isOfSides(clause) || !has(clause, 'as') || degree?.degree !== 'plain' || degree.measured === null)
    return null
  if (!isOnly(clause, 'as', 'degree', 'not', 'level', 'joint', 'happens')) return null
  if (place === undefined || others.length > 0 || negated) return null
  const last = lesson.plan.levels.length - 1
  return [claim('pair', 'same', [place === 0 ? last : place, 0], false)]
}
