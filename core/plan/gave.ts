import type { Measured } from './plan'

/** What is measured, as sentences speak of it. */
type Told = Pick<Measured, 'name' | 'scale'>
export type Comparative = 'more' | 'less' | 'same'
type Tense = 'past' | 'present'

const changes = {
  lost: { past: 'lost', present: 'loses' },
  gained: { past: 'gained', present: 'gains' },
} as const
const came = { past: 'came', present: 'comes' } as const
const reached = { past: 'reached', present: 'reaches' } as const
const gave = { past: 'gave', present: 'gives' } as const
const had = { past: 'had', present: 'has' } as const

/**
 * That something gave the most or the least of what is measured; what was lost or gained, came in first or was reached first is said as
 * such.
 * @param tense whether it is certain, or what it looks as if
 * @example gaveMost({ name: 'mass lost' }, 'most') // 'lost the most mass'
 */
export function gaveMost(measured: Told, end: 'most' | 'least', tense: Tense = 'past'): string {
  const { scale } = measured
  const place = end === 'least' ? 'first' : 'last'
  if (scale?.kind === 'place') return `${came[tense]} in ${place}`
  if (scale?.kind === 'when') return `${reached[tense]} ${scale.what} ${place}`
  const { verb, thing, share } = said(measured, tense)
  if (share) return `${verb} the ${end === 'most' ? 'largest' : 'smallest'} share of its ${thing}`
  return `${verb} the ${end} ${thing}`
}

const than = { more: 'than', less: 'than', same: 'as' } as const
const ahead = { less: 'ahead of', more: 'behind', same: 'level with' } as const
const earlier = { less: 'earlier than', more: 'later than', same: 'about as early as' } as const

/**
 * That something gave more than another, or less, or the same.
 * @example gaveMore({ name: 'bounce height' }, 'more') // 'gave more bounce height than'
 */
export function gaveMore(measured: Told, comparison: Comparative, tense: Tense = 'past'): string {
  const { scale } = measured
  if (scale?.kind === 'place') return `${came[tense]} in ${ahead[comparison]}`
  if (scale?.kind === 'when') return `${reached[tense]} ${scale.what} ${earlier[comparison]}`
  const { verb, thing, share } = said(measured, tense)
  if (share) {
    const size = { more: 'a larger', less: 'a smaller', same: 'about the same' }[comparison]
    return `${verb} ${size} share of its ${thing} ${than[comparison]}`
  }
  const size = comparison === 'same' ? 'about the same' : comparison
  return `${verb} ${size} ${thing} ${than[comparison]}`
}

/**
 * What a larger level gave: more of what is measured, or less, or the same.
 * @example gaveLarger({ name: 'bounce height' }, 'more') // 'gave a larger bounce height'
 */
export function gaveLarger(measured: Told, comparison: Comparative, tense: Tense = 'past'): string {
  const { name, scale } = measured
  const when = {
    more: 'later',
    less: 'earlier',
    same: tense === 'past' ? 'at about the same place' : 'level',
  }
  if (scale?.kind === 'place') return `${came[tense]} in ${when[comparison]}`
  if (scale?.kind === 'when') {
    const time = { ...when, same: 'at about the same time' }[comparison]
    return `${reached[tense]} ${scale.what} ${time}`
  }
  if (scale)
    return `${had[tense]} ${{ more: 'more', less: 'less', same: 'about as much' }[comparison]} ${name}`
  const same = tense === 'past' ? 'about the same' : 'the same'
  return `${gave[tense]} ${{ more: 'a larger', less: 'a smaller', same }[comparison]} ${name}`
}

/**
 * That the measure went up or down along the levels.
 * @example measureWent({ name: 'bounce height' }, 'up') // 'the bounce height rose'
 */
export function measureWent({ name, scale }: Told, way: 'up' | 'down'): string {
  if (scale?.kind === 'place') return `they came in ${way === 'up' ? 'later' : 'earlier'}`
  if (scale?.kind === 'when') return `${scale.what} came ${way === 'up' ? 'later' : 'earlier'}`
  return `the ${name} ${way === 'up' ? 'rose' : 'fell'}`
}

/** What only stands in an order is had; what is measured is given; what was lost or gained is that. */
function said({ name, scale }: Told, tense: Tense) {
  if (scale) return { verb: had[tense], thing: name, share: false }
  const [, share, thing, change] = /^(share of )?(.+) (lost|gained)$/u.exec(name) ?? []
  if (!thing) return { verb: gave[tense], thing: name, share: false }
  return { verb: changes[change as keyof typeof changes][tense], thing, share: share !== undefined }
}
