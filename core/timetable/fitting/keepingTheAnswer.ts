import type { WayToFit } from './waysToFit'

/** A way to fit, with how many of twelve classes would see the answer more, or fewer; null while nobody knows. */
export interface WeighedWay extends WayToFit {
  shows: number | null
}

/** A way after which four more of twelve classes would miss the answer is none: it saves the bell and loses the test. */
const spoils = -4

/**
 * The ways to fit that leave the answer to be seen: those that fit first, and of those the ones that cost the least of it.
 * @param shows by a way's id, the share of classes that see the answer more, or fewer, once it is taken
 * @example keepingTheAnswer([way], new Map([[way.id, -0.5]])) // []: half of the classes would miss the answer
 */
export function keepingTheAnswer(
  ways: readonly WayToFit[],
  shows: ReadonlyMap<string, number>,
): WeighedWay[] {
  return ways
    .map((way) => {
      const share = shows.get(way.id)
      return { ...way, shows: share === undefined ? null : Math.round(12 * share) }
    })
    .filter((way) => way.shows === null || way.shows > spoils)
    .sort((a, b) => Number(b.fits) - Number(a.fits) || (b.shows ?? 0) - (a.shows ?? 0))
}
