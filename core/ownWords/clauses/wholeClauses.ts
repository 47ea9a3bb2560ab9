import { firstOf } from '../../defined'
import { ofKind } from '../role'
import type { Statement } from '../statement'
import { claim, has, isOnly, type Clause } from './clause'

export function unsure(clause: Clause): Statement[] | null {
  return has(clause, 'unsure') && isOnly(clause, 'unsure', 'joint', 'not') ? [{ kind: 'unsure' }] : null
}

/** "The height does not matter." */
export function matters(clause: Clause): Statement[] | null {
  if (!has(clause, 'matters') || !isOnly(clause, 'matters', 'not', 'joint', 'happens')) return null
  return [{ kind: 'matters', negated: clause.negated }]
}

/** "It weighed the same whatever shape it was"; "It bounced the same from 25 cm and 100 cm." */
export function same(clause: Clause): Statement[] | null {
  if (
    !has(clause, 'same') ||
    !isOnly(clause, 'same', 'not', 'joint', 'level', 'matters', 'happens', 'as', 'along')
  )
    return null
  const places = clause.levels.flat()
  const every = clause.lesson.plan.levels.length
  if (places.length === 2 && every > 2) return [claim('pair', 'same', places, clause.negated)]
  if (places.length > 0 && places.length < every) return null
  return [claim('trend', 'same', [], clause.negated)]
}

/** "The higher we dropped it, the higher it bounced." */
export function trend(clause: Clause): Statement[] | null {
  const { superlatives, levels, negated, pieces } = clause
  const states = ofKind(pieces, 'state')
  const comparatives = clause.comparatives.length === 0 ? states : clause.comparatives
  const [one, other] = comparatives
  if (states.length > 0 && clause.comparatives.length > 0) return null
  if (comparatives.length !== 2 || superlatives.length > 0 || levels.length > 0 || !one || !other) return null
  if (!isOnly(clause, 'degree', 'state', 'moves', 'not', 'joint', 'along', 'happens')) return null
  const products = [
    [one, other],
    [other, one],
  ].flatMap(([changes, measures]) =>
    changes?.changed && measures?.measured ? [changes.changed * measures.measured] : [],
  )
  const [sign] = products
  if (sign === undefined || products.some((each) => each !== sign)) return null
  return [claim('trend', sign > 0 ? 'more' : 'less', [], negated)]
}

/** "Our bridge got stronger every round." */
export function alongRounds(clause: Clause): Statement[] | null {
  const { comparatives, superlatives, levels, negated, lesson } = clause
  const [one] = comparatives
  if (!lesson.inRounds || comparatives.length !== 1 || !one || one.measured === null) return null
  if (
    superlatives.length > 0 ||
    levels.length > 0 ||
    !isOnly(clause, 'degree', 'moves', 'not', 'joint', 'along', 'matters')
  )
    return null
  return [claim('trend', one.measured > 0 ? 'more' : 'less', [], negated)]
}

/** "Clips in oil never rusted." */
export function never(clause: Clause): Statement[] | null {
  const { levels, negated, comparatives, superlatives } = clause
  if (!negated || levels.length !== 1 || comparatives.length + superlatives.length > 0) return null
  return has(clause, 'happens') && isOnly(clause, 'happens', 'level', 'not')
    ? [{ kind: 'never', places: firstOf(levels) }]
    : null
}
