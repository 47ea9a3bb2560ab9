import type { Instrument } from '../instrument'
import type { Plan } from './plan'

/**
 * The instruments that a plan reads with: of what is compared, and of what is read besides.
 * @example instrumentsRead(rice).map((one) => one.name) // ['measuring jug', 'balance']
 */
export function instrumentsRead({ measured, recording }: Pick<Plan, 'measured' | 'recording'>): Instrument[] {
  const second = 'second' in recording ? recording.second : undefined
  return [measured.instrument, ...(second ? [second.instrument] : [])]
}
