import { ways } from './registry'

/**
 * How readings are taken as it is said now, whatever version said it; what is not understood stays as it is.
 * @example recordingNow({ kind: 'daily', days: 10 }) // { kind: 'daily', days: 10, score: 'end' }
 */
export function recordingNow(told: unknown): unknown {
  if (typeof told !== 'object' || told === null || !('kind' in told)) return told
  return ways.find((way) => way.kind === told.kind)?.fromOld({ ...told }) ?? told
}
