import type { Plan } from '../plan'
import { calledForms } from './called'
import { changeOf } from './change'
import type { Comparative, Tense, MeasuredNoun } from './gave'
import { predicateOf } from './predicate'
import { correlative, wordsFor } from './variableWords'

/**
 * What goes with more of what is changed: "the higher the drop, the higher the bounce".
 * @param inRounds whether the levels are rounds, which come one after the other
 * @example trendPhrase(plan, 'more') // 'the higher the drop, the higher the bounce'
 */
export function trendPhrase(
  { changed, measured }: Pick<Plan, 'changed' | 'measured'>,
  comparison: Comparative,
  inRounds = false,
  tense: Tense = 'past',
): string {
  if (comparison === 'same') return sameThroughout(changed, measured, inRounds, tense)
  const lead = inRounds ? 'the later the round' : moreChanged(changed)
  return `${lead}, ${moreOf(measured, comparison)}`
}

/**
 * The first half of a trend: more of what is changed.
 * @example moreChanged({ name: 'drop height', unit: 'cm' }) // 'the higher the drop'
 */
export function moreChanged(changed: Pick<Plan['changed'], 'name' | 'unit' | 'called'>): string {
  const called = calledForms(changed.called)
  return called ? `the ${called.more.comparative} it was` : correlative(wordsFor(changed), 'more')
}

/**
 * The other half of a trend: what there is more or less of.
 * @example moreOf({ name: 'bounce height', unit: 'cm' }, 'less') // 'the lower the bounce'
 */
export function moreOf(measured: MeasuredNoun, way: 'more' | 'less'): string {
  const { name, scale } = measured
  const when = way === 'more' ? 'later' : 'earlier'
  if (scale?.kind === 'place') return `the ${when} it came in`
  if (scale?.kind === 'when') return `the ${when} it reached ${scale.what}`
  const predicate = predicateOf(measured)
  if (predicate) return `the ${predicate[way]} it was`
  if (scale) return `the ${way} ${name}`
  const change = changeOf(measured)
  if (change)
    return `the ${change.more(way).replace(/^a (larger|smaller)/u, '$1 the')} it ${change.verb.past}`
  const words = wordsFor(measured)
  return correlative(words, way).replace(/ held$/, ' it held')
}

/**
 * That what is changed makes no difference.
 * @example whateverPhrase({ name: 'kind of paper', unit: null }) // 'whatever the kind of paper'
 */
export function whateverPhrase(changed: Pick<Plan['changed'], 'name' | 'unit'>): string {
  const { noun, counted, thing, less } = wordsFor(changed)
  if (counted && less === 'fewer') return `however many ${thing}`
  return noun === 'result' ? 'for all of them' : `whatever the ${noun}`
}

function sameThroughout(
  changed: Plan['changed'],
  measured: MeasuredNoun,
  inRounds: boolean,
  tense: Tense,
): string {
  const whatever = inRounds ? 'in every round' : whateverPhrase(changed)
  const was = tense === 'past' ? 'was about' : 'will be'
  const { scale } = measured
  if (scale?.kind === 'place') return `they ${tense === 'past' ? 'came' : 'will come'} in level ${whatever}`
  if (scale?.kind === 'when')
    return `${scale.what} ${tense === 'past' ? 'came' : 'will come'} at about the same time ${whatever}`
  const predicate = predicateOf(measured)
  if (predicate) return `they ${tense === 'past' ? 'were' : 'will be'} all about as ${predicate.adjective}`
  const { noun, thing, less } = wordsFor(measured)
  const of = less === 'fewer' ? `number of ${thing}` : noun
  return `the ${of} ${was} the same ${whatever}`
}
