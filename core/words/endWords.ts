import type { Measured } from '../plan'
import { changeOf } from './change'
import { predicateOf } from './predicate'
import { wordsFor } from './variableWords'

/** More and less of what is measured, and the most and the least of it, in its own words. */
export interface EndWords {
  more: string
  most: string
  less: string
  least: string
}

const inTime: EndWords = { more: 'later', most: 'last', less: 'earlier', least: 'first' }
const bare: EndWords = { more: 'more', most: 'most', less: 'less', least: 'least' }

/**
 * The words for either end of what is measured.
 * @example endWords({ name: 'bounce height', unit: 'cm' }).most // 'highest'
 */
export function endWords(measured: Pick<Measured, 'name' | 'unit' | 'scale' | 'called'>): EndWords {
  const { scale } = measured
  if (scale?.kind === 'place' || scale?.kind === 'when') return inTime
  return predicateOf(measured) ?? (scale || changeOf(measured) ? bare : wordsFor(measured))
}
