import { defined } from '../defined'
import type { Measured } from '../plan'
import { calledForms } from './called'
import { changeOf } from './change'
import { formsOf } from './degrees'
import { scalesOf } from './polarity'
import { scales } from './scales'

/** Adjectives in which things themselves are ordered: hard, harder, the hardest. */
export interface Predicate {
  adjective: string
  more: string
  most: string
  less: string
  least: string
}

const ofNoun: Readonly<Record<string, string>> = {
  strength: 'strong',
  weight: 'heavy',
  speed: 'fast',
  warmth: 'warm',
}

/**
 * The adjectives of a quality that things are put in order by; null where it has none of its own.
 * @example predicateOf({ name: 'hardness', scale: { kind: 'rank', of: 4 } })?.most // 'hardest'
 */
export function predicateOf({
  name,
  scale,
  called,
}: Pick<Measured, 'name' | 'scale' | 'called'>): Predicate | null {
  if (!scale || scale.kind === 'rank') {
    const own = changeOf({ name }) ? null : calledForms(called)
    if (own)
      return {
        adjective: own.more.adjective,
        more: own.more.comparative,
        most: own.more.superlative,
        less: own.less.comparative,
        least: own.less.superlative,
      }
  }
  const noun = name.trim().toLowerCase()
  const isOfThing = !scale && /^(?!thick)\p{L}+ness$/u.test(noun)
  if (!isOfThing && scale?.kind !== 'rank' && scale?.kind !== 'word') return null
  const adjective = ofNoun[noun] ?? (noun.endsWith('ness') ? noun.slice(0, -4).replace(/i$/, 'y') : '')
  const own = scalesOf(name, null).map((one) => scales[one])
  const scaleOf = [...own, ...Object.values(scales)].find(({ more }) => more.has(adjective))
  if (!scaleOf) return null
  const [opposite] = scaleOf.less
  const [up, down] = [formsOf(adjective), formsOf(defined(opposite))]
  return {
    adjective,
    more: up.comparative,
    most: up.superlative,
    less: down.comparative,
    least: down.superlative,
  }
}
