import { sideSaid } from '../../words'

/** How many times something may be read in one try, and how late. */
export const minutesLimits = { most: 30, greatest: 600 } as const

/** The field that says when something was really read: minutes since the start, or the day as YYYY-MM-DD. */
export const atField = 'at'

/** The moment at which a container was started. */
export const startMoment = 'start'

/**
 * The moment of a planned minute, at one of several places where there are such.
 * @example minuteMoment(5, 'top') // '5 min, top'
 */
export const minuteMoment = (minute: number, position = ''): string =>
  position === '' ? `${minute} min` : `${minute} min, ${position}`

/**
 * The moment of a school day, counted from the first.
 * @example dayMoment(3, 'door side') // 'day 3, door side'
 */
export const dayMoment = (day: number, position = ''): string =>
  position === '' ? `day ${day}` : `day ${day}, ${position}`

/**
 * The number that a moment speaks of: its minute, or which day it is; null for the start.
 * @example plannedAt('5 min') // 5
 */
export function plannedAt(moment: string): number | null {
  const found = /^(?:day )?(\d+(?:\.\d+)?)(?: min)?(?:, .*)?$/su.exec(moment)
  return found ? Number(found[1]) : null
}

/**
 * The place within the container that a moment speaks of; empty where there is one.
 * @example positionOf('5 min, top') // 'top'
 */
export function positionOf(moment: string): string {
  const at = moment.indexOf(', ')
  return at < 0 ? '' : moment.slice(at + 2)
}

/**
 * A moment as it stands behind what is read then.
 * @example momentPhrase('5 min, top') // 'after 5 min at the top'
 * @example momentPhrase('day 3') // 'on day 3'
 */
export function momentPhrase(moment: string): string {
  const place = positionOf(moment)
  const time = place === '' ? moment : moment.slice(0, -`, ${place}`.length)
  const said = time === startMoment ? 'at the start' : `${time.startsWith('day ') ? 'on' : 'after'} ${time}`
  return place === '' ? said : `${said} ${sideSaid('places', place)}`
}
