import type { Measured } from '../plan'

/** How a change is said: "cooled", "lost mass". */
export interface ChangeWords {
  verb: { past: string; future: string }
  /** What was lost or gained; empty where the verb says so itself. */
  thing: string
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
  if (own) return { verb: own, thing: '' }
  return { verb: change === 'lost' ? lost : gained, thing: share ? `of its ${thing}` : thing }
}
