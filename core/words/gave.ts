import { changeOf } from './change'
import { predicateOf } from './predicate'
import type { Measured } from '../plan'
import { comparativePhrase, superlativePhrase, wordsFor } from './variableWords'

/** What is measured, as sentences speak of it. */
export type MeasuredNoun = Pick<Measured, 'name' | 'unit' | 'scale' | 'called'>
export type Comparative = 'more' | 'less' | 'same'
/** Past for what was found, future for what is predicted. */
export type Tense = 'past' | 'future'

const be = { past: 'was', future: 'will be' } as const
const came = { past: 'came', future: 'will come' } as const
const reached = { past: 'reached', future: 'will reach' } as const
const gave = { past: 'gave', future: 'will give' } as const
const had = { past: 'had', future: 'will have' } as const
const needed = { past: 'needed', future: 'will need' } as const
const held = { past: 'held', future: 'will hold' } as const

/**
 * That something gave the most or the least of what is measured, in its own words: the highest bounce, the fewest clips; what was lost or
 * gained, is first, or is the hardest is said as such.
 * @example gaveMost({ name: 'bounce height', unit: 'cm' }, 'most') // 'gave the highest bounce'
 */
export function gaveMost(measured: MeasuredNoun, end: 'most' | 'least', tense: Tense = 'past'): string {
  const { scale } = measured
  const place = end === 'least' ? 'first' : 'last'
  if (scale?.kind === 'place') return `${came[tense]} in ${place}`
  if (scale?.kind === 'when') return `${reached[tense]} ${scale.what} ${place}`
  const predicate = predicateOf(measured)
  if (predicate) return `${be[tense]} the ${end === 'most' ? predicate.most : predicate.least}`
  if (scale) return `${had[tense]} the ${end} ${measured.name}`
  const change = changeOf(measured)
  if (change) return `${change.verb[tense]} ${change.most(end)}`
  const { verb, words } = verbAndWords(measured, tense)
  return `${verb} ${superlativePhrase(words, end)}`
}

/**
 * The most or the least of what is measured, as somebody names it: "the highest bounce", "the fewest clips", "cooled most".
 * @example endSaid({ name: 'bounce height', unit: 'cm' }, 'most') // 'the highest bounce'
 */
export const endSaid = (measured: MeasuredNoun, end: 'most' | 'least'): string =>
  gaveMost(measured, end).replace(/^(?:gave|had|was|held|needed|came in) /u, '')

/**
 * More or less of what is measured, as somebody names it: "a higher bounce", "fewer clips", "cooled more".
 * @example moreSaid({ name: 'bounce height', unit: 'cm' }, 'more') // 'a higher bounce'
 */
export const moreSaid = (measured: MeasuredNoun, way: 'more' | 'less'): string =>
  gaveMore(measured, way)
    .replace(/^(?:gave|had|was|held|needed|came in|reached .+(?=earlier|later)) ?/u, '')
    .replace(/ (?:than|ahead of|behind)$/u, '')

const than = { more: 'than', less: 'than', same: 'as' } as const
const ahead = { less: 'ahead of', more: 'behind', same: 'level with' } as const
const earlier = { less: 'earlier than', more: 'later than', same: 'about as early as' } as const

/**
 * That something gave more than another, or less, or the same.
 * @example gaveMore({ name: 'bounce height', unit: 'cm' }, 'more') // 'gave a higher bounce than'
 */
export function gaveMore(measured: MeasuredNoun, comparison: Comparative, tense: Tense = 'past'): string {
  const { scale, name } = measured
  if (scale?.kind === 'place') return `${came[tense]} in ${ahead[comparison]}`
  if (scale?.kind === 'when') return `${reached[tense]} ${scale.what} ${earlier[comparison]}`
  const predicate = predicateOf(measured)
  if (predicate)
    return comparison === 'same'
      ? `${be[tense]} about as ${predicate.adjective} as`
      : `${be[tense]} ${comparison === 'more' ? predicate.more : predicate.less} than`
  if (scale)
    return `${had[tense]} ${comparison === 'same' ? 'about as much' : comparison} ${name} ${than[comparison]}`
  const change = changeOf(measured)
  if (change) return `${change.verb[tense]} ${change.more(comparison)} ${than[comparison]}`
  const { verb, words } = verbAndWords(measured, tense)
  if (comparison !== 'same') return `${verb} ${comparativePhrase(words, comparison)} than`
  return words.counted
    ? `${verb} about as ${words.less === 'fewer' ? 'many' : 'much'} ${words.thing} as`
    : `${verb} about the same ${words.noun} as`
}

/**
 * That the measure went up or down along the levels.
 * @example measureWent({ name: 'bounce height', unit: 'cm' }, 'up') // 'the bounce got higher'
 */
export function measureWent(measured: MeasuredNoun, way: 'up' | 'down'): string {
  const { name, scale } = measured
  const more = way === 'up' ? 'more' : 'less'
  if (scale?.kind === 'place') return `they came in ${way === 'up' ? 'later' : 'earlier'}`
  if (scale?.kind === 'when') return `${scale.what} came ${way === 'up' ? 'later' : 'earlier'}`
  const predicate = predicateOf(measured)
  if (predicate) return `they got ${predicate[more]}`
  if (scale) return `they had ${more} ${name}`
  const change = changeOf(measured)
  if (change) return `they ${change.verb.past} ${change.more(more)}`
  const words = wordsFor(measured)
  if (words.counted) return `there ${words.less === 'fewer' ? 'were' : 'was'} ${words[more]} ${words.thing}`
  return `the ${words.thing} got ${words[more]}`
}

/** What is held is held, a force is needed; anything else is given. */
function verbAndWords(measured: MeasuredNoun, tense: Tense) {
  const words = wordsFor(measured)
  const isHeld = words.counted && / held$/.test(words.thing)
  if (/\bforce$/iu.test(words.noun)) return { verb: needed[tense], words }
  return isHeld
    ? { verb: held[tense], words: { ...words, thing: words.thing.replace(/ held$/, '') } }
    : { verb: gave[tense], words }
}
