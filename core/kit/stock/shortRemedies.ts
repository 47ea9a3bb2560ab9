import { fromCupboard, type CupboardInstrument } from '../../instrument'
import type { Plan, Remedy } from '../../plan'
import { isInstrumentLine } from '../derivedKit'
import { withKitLine } from '../editLines'
import type { KitLine } from '../kitAmounts'
import type { Availability } from './reservations'
import { withSubstitute, type Substitute } from './substitutes'

/** So many substitutes are offered or refused; more would bury them. */
const most = 3

/**
 * What mends a shortage: another thing for everybody, or what there is going round in turns; and of each substitute that will not do, why
 * not.
 * @param lines the lines of the kit
 * @param substitutes what might stand in, nearest first
 * @param cupboard the school's instruments
 * @example shortRemedies(shortOfLamps, lines, [torch], []).remedies[0].label // 'Take torch instead'
 */
export function shortRemedies(
  short: Availability,
  lines: readonly KitLine[],
  substitutes: readonly Substitute[],
  cupboard: readonly CupboardInstrument[],
): { remedies: Remedy[]; refused: string[] } {
  const { need, available } = short
  const concerned = lines.flatMap(({ material }) =>
    need.materialIds.includes(material.id) ? [material] : [],
  )
  const offered = substitutes.slice(0, most)
  const remedies = offered
    .filter((one) => one.refused === null)
    .map(({ name, mind }): Remedy => ({
      label: `Take ${name} instead`,
      note: mind,
      done: `Everybody takes ${name} now.`,
      apply: need.materialIds.some(isInstrumentLine)
        ? (plan) => withInstrument(plan, name, cupboard)
        : (plan) =>
            concerned.reduce(
              (now, material) => withKitLine(now, withSubstitute(material, need.key, name)),
              plan,
            ),
    }))
  // Things that come back can go round, as long as there is one.
  if (need.use === 'reused' && available >= 1) {
    const amount = Math.floor(available)
    remedies.push({
      label: `Share ${amount}, in turns`,
      done: `The groups take turns with ${need.name}.`,
      apply: (plan) =>
        concerned.reduce(
          (now, material) =>
            withKitLine(now, {
              ...material,
              amount,
              per: 'turns',
              place: 'front',
              spare: { kind: 'number', value: 0 },
            }),
          plan,
        ),
    })
  }
  const refused = offered.flatMap(({ name, refused: why }) => (why === null ? [] : [`Not ${name}: ${why}`]))
  return { remedies, refused }
}

function withInstrument(plan: Plan, name: string, cupboard: readonly CupboardInstrument[]): Plan {
  const found = cupboard.find((one) => one.name === name)
  return found ? { ...plan, measured: { ...plan.measured, instrument: fromCupboard(found) } } : plan
}
