import type { Measured } from '../plan'

/** How a change is said: "cooled", "lost mass". */
export interface ChangeWords {
  verb: { past: string; future: string }
  /** How much of it: "the most mass", "a larger share of its mass"; no more than "most" where the verb says what. */
  most: (end: 'most' | 'least') => string
  more: (comparison: 'more' | 'less' | 'same') => string
}

const verbs: Readonly<Record<string, ChangeWords['verb']>> = {
  'temperature lost': { past: 'cooled', future: 'will cool' },
  'temperature gained': { past: 'warmed', future: 'will warm' },
  'height gained': { past: 'grew', future: 'will grow' },
  'height lost': { past: 'shrank', future: 'will shrink' },
  'length gained': { past: 'grew', future: 'will grow' },
  'length lost': { past: 'shrank', future: 'will shrink' },
}
const lost = { past: 'lost', future: 'will lose' }
const gained = { past: 'gained', future: 'will gain' }

/**
 * The words of a result that is a change; null where it is none.
 * @example changeOf({ name: 'temperature lost' })?.verb.past // 'cooled'
 */
export function changeOf({ name, scale }: Pick<Measured, 'name' | 'scale'>): ChangeWords | null {
  const [, share, thing, change] = /^(share of )?(.+) (lost|gained)$/u.exec(name) ?? []
  if (scale || !thing) return null
  const own = share === undefined ? verbs[`${thing} ${change}`] : undefined
  if (own) return { verb: own, ...alone }
  return { verb: change === 'lost' ? lost : gained, ...(share ? shareOf(thing) : amountOf(thing)) }
}

type Amounts = Pick<ChangeWords, 'most' | 'more'>

const asMuch = { more: 'more', less: 'less', same: 'about as much' } as const
const alone: Amounts = { most: (end) => end, more: (comparison) => asMuch[comparison] }
const amountOf = (thing: string): Amounts => ({
  most: (end) => `the ${end} ${thing}`,
  more: (comparison) => `${asMuch[comparison]} ${thing}`,
})
const size = { more: 'a larger', less: 'a smaller', same: 'about the same' } as const
const shareOf = (thing: string): Amounts => ({
  most: (end) => `the ${end === 'most' ? 'largest' : 'smallest'} share of its ${thing}`,
  more: (comparison) => `${size[comparison]} share of its ${thing}`,
})
