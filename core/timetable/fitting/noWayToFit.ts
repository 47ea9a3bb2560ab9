import type { FitsCheck } from '../checkFits'
import type { WayToFit } from './waysToFit'

/**
 * What is said where a lesson is too long and no way makes it fit; empty while ways are still looked for, or where there is one.
 * @example noWayToFit(check, null) // ''
 */
export function noWayToFit({ state, takes, minutes }: FitsCheck, ways: readonly WayToFit[] | null): string {
  if (state !== 'mend' || takes <= minutes.lesson || ways === null || ways.some((way) => way.fits)) return ''
  return ways.length === 0
    ? 'We can’t make it shorter without spoiling the test. Plan a longer lesson.'
    : 'None of these makes it fit. Choose one, and plan a longer lesson too.'
}
