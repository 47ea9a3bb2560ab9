import { stripRoundingNoise } from '../../quantity'

/**
 * How often something happens in a minute, from how often it was counted in a set time.
 * @param seconds for how long it was counted, more than 0
 * @throws RangeError when the time is not more than 0
 * @example perMinute(23, 15) // 92
 */
export function perMinute(count: number, seconds: number): number {
  if (!(seconds > 0)) throw new RangeError('a set time is more than 0 seconds')
  return stripRoundingNoise((count * 60) / seconds)
}
