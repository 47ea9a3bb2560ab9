import { defined } from '../defined'
import { changeOf } from './change'
import { gaveMore, gaveMost, type Comparative, type Tense, type MeasuredNoun } from './gave'
import { predicateOf } from './predicate'
import { wordsFor } from './variableWords'

const prepositions =
  /^(?:above|at|behind|below|beside|between|by|in|inside|near|next to|on|on top of|outside|over|under|with|without) /iu

/**
 * Whether a level says where or how, and so can't be what gave something: "inside a cupboard", "with a lid".
 * @example saysWhere('on the window sill') // true
 */
export const saysWhere = (level: string): boolean => prepositions.test(level)

const be = { past: 'was', future: 'will be' } as const
const came = { past: 'came', future: 'will come' } as const
const timed = { less: 'earlier', more: 'later', same: 'about as early' } as const

/** Whether it has no words of its own to say what gave most of it: "the bounce was highest on the tile". */
const isPlain = (measured: MeasuredNoun) =>
  !measured.scale && !changeOf(measured) && !predicateOf(measured) && !wordsFor(measured).counted

/**
 * That a level gave the most or the least of what is measured, as a clause.
 * @param level as a sentence says it, several of them listed
 * @example levelGaveMost({ name: 'bounce height', unit: 'cm' }, 'tile', 'most') // 'tile gave the highest bounce'
 * @example levelGaveMost({ name: 'bounce height', unit: 'cm' }, 'on tile', 'most') // 'the bounce was highest on tile'
 */
export function levelGaveMost(
  measured: MeasuredNoun,
  level: string,
  end: 'most' | 'least',
  tense: Tense = 'past',
): string {
  if (!saysWhere(level)) return `${level} ${gaveMost(measured, end, tense)}`
  if (!isPlain(measured)) return `it ${gaveMost(measured, end, tense)} ${level}`
  const words = wordsFor(measured)
  return `the ${words.thing} ${be[tense]} ${words[end]} ${level}`
}

/**
 * That a level gave more than another, or less, or the same, as a clause.
 * @example levelGaveMore({ name: 'bounce height', unit: 'cm' }, 'tile', 'more', 'wood') // 'tile gave a higher bounce than wood'
 * @example levelGaveMore({ name: 'bounce height', unit: 'cm' }, 'on tile', 'more', 'on wood') // 'the bounce was higher on tile than on wood'
 */
export function levelGaveMore(
  measured: MeasuredNoun,
  level: string,
  comparison: Comparative,
  other: string,
  tense: Tense = 'past',
): string {
  const more = gaveMore(measured, comparison, tense)
  if (!saysWhere(level)) return `${level} ${more} ${other}`
  if (measured.scale?.kind === 'place')
    return `it ${came[tense]} in ${timed[comparison]} ${level} ${comparison === 'same' ? 'as' : 'than'} ${other}`
  const words = wordsFor(measured)
  if (!isPlain(measured)) {
    // The word that the other one follows stands behind the place: "it cooled less on the sill than in the shade".
    const [, what, than] = defined(/^(.+) (than|as)$/u.exec(more))
    return `it ${what} ${level} ${than} ${other}`
  }
  return comparison === 'same'
    ? `the ${words.thing} ${be[tense]} about the same ${level} as ${other}`
    : `the ${words.thing} ${be[tense]} ${words[comparison]} ${level} than ${other}`
}
