import { unitDefinition, type Dimension } from '../quantity'
import type { Instrument } from './instrument'

/** What an instrument looks like: a rule lies, a column of spirit, a spring and a cylinder stand, a dial and a watch are round. */
export type InstrumentLook = 'rule' | 'thermometer' | 'spring' | 'cylinder' | 'dial' | 'watch' | 'tally'

const looks: Record<Dimension, InstrumentLook> = {
  length: 'rule',
  temperature: 'thermometer',
  force: 'spring',
  volume: 'cylinder',
  mass: 'dial',
  time: 'watch',
  count: 'tally',
  // Shares are worked out; no instrument shows them.
  share: 'tally',
}

/**
 * What an instrument looks like, by what it reads.
 * @example instrumentLook(thermometer) // 'thermometer'
 */
export function instrumentLook({ unit }: Pick<Instrument, 'unit'>): InstrumentLook {
  return looks[unitDefinition(unit).dimension]
}

/**
 * Whether an instrument stands or is round, so that there is room beside it; a rule and a tally go along.
 * @example isUpright(thermometer) // true
 */
export function isUpright(instrument: Pick<Instrument, 'unit'>): boolean {
  return !['rule', 'tally'].includes(instrumentLook(instrument))
}
