import type { SidesKind } from '../plan'
import { changeOf } from './change'
import { gaveMore, type Comparative, type Tense, type MeasuredNoun } from './gave'
import { nounOf } from './nounOf'
import { saysWhere } from './levelsGave'
import { wordsFor } from './variableWords'

const when =
  /^(?:after|afterwards|again|alone|as|apart|before|beforehand|during|first|fresh|later|once|together|when|while)\b/iu
const thing = /^(?:an?|one|the) /iu
/** "Pressed flat", "cooled again": how it was then. */
const how = /^\p{L}+(?:ed|en)\b/iu

/**
 * A side of one thing as it stands behind a verb: "before", "as a lump", "at the top".
 * @example sideSaid('itself', 'a lump again') // 'as a lump again'
 * @example sideSaid('places', 'window side') // 'at the window side'
 */
export function sideSaid(kind: SidesKind, name: string): string {
  if (saysWhere(name) || when.test(name)) return name
  if (kind === 'places') return thing.test(name) ? `at ${name}` : `at the ${name}`
  if (thing.test(name)) return `as ${name}`
  return how.test(name) ? name : `when it was “${name}”`
}

const be = { past: 'was', future: 'will be' } as const
const weighed = { past: 'weighed', future: 'will weigh' } as const
const took = { past: 'took up', future: 'will take up' } as const

/** Verbs that say themselves what is measured. */
const verbs: Readonly<Record<string, typeof weighed | typeof took>> = {
  mass: weighed,
  weight: weighed,
  volume: took,
}

/**
 * That there was more at one side of a thing than at another, or less, or the same.
 * @param of the level that it is said of; empty for the only one, or for all
 * @param amount with its unit; empty where nothing is said of how much
 * @example sideGaveMore({ name: 'mass', unit: 'g' }, 'less', 'after', 'before', { amount: '4 g' }) // 'it weighed about 4 g less after than before'
 * @example sideGaveMore({ name: 'height', unit: 'mm' }, 'same', 'at the top', 'at the bottom') // 'the height was the same at the top as at the bottom'
 */
export function sideGaveMore(
  measured: MeasuredNoun,
  comparison: Comparative,
  side: string,
  other: string,
  { of = '', amount = '', tense = 'past' }: { of?: string; amount?: string; tense?: Tense } = {},
): string {
  const than = comparison === 'same' ? 'as' : 'than'
  return `${sideClause(measured, comparison, { of, amount, tense })} ${side} ${than} ${other}`
}

/**
 * The same without its sides: "it weighed about 4 g less".
 * @example sideClause({ name: 'temperature', unit: 'C' }, 'more', { amount: '4 °C' }) // 'it was about 4 °C warmer'
 */
export function sideClause(
  measured: MeasuredNoun,
  comparison: Comparative,
  { of = '', amount = '', tense = 'past' }: { of?: string; amount?: string; tense?: Tense } = {},
): string {
  const about = amount === '' ? '' : `about ${amount} `
  const subject = of === '' ? 'it' : of
  const apart = of === '' ? '' : `with ${of}, `
  const noun = nounOf(measured.name, measured.unit)
  const verb = verbs[noun.toLowerCase()]
  if (measured.scale)
    return `${subject} ${gaveMore(measured, comparison, tense).replace(/ (?:than|as)$/u, '')}`
  if (verb) return `${subject} ${verb[tense]} ${comparison === 'same' ? 'the same' : `${about}${comparison}`}`
  const change = changeOf(measured)
  if (change)
    return `${subject} ${change.verb[tense]} ${comparison === 'same' ? 'just as much' : `${about}${comparison}`}`
  if (noun.toLowerCase() === 'temperature') {
    const warm = { more: 'warmer', less: 'colder', same: 'just as warm' }[comparison]
    return `${apart}it ${be[tense]} ${about}${warm}`
  }
  const words = wordsFor(measured)
  const ofWhat = words.counted && words.less === 'fewer' ? `number of ${words.thing}` : noun
  return `${apart}the ${ofWhat} ${be[tense]} ${comparison === 'same' ? 'the same' : `${about}${comparison}`}`
}
