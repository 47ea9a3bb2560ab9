import type { CupboardInstrument } from '../instrument'
import { type Ingredient, type Making, type Plan, testingGroups } from '../plan'
import { convertUnit, stripRoundingNoise } from '../quantity'
import { circlesOnRoll } from './cutting/circles'
import { cutPlan, type CutPlan } from './cutting/cutPlan'
import type { CutPiece } from './cutting/guillotine'
import { sticksFor } from './cutting/lengths'
import { piecesOnRoll } from './cutting/roll'
import type { Size } from './cutting/rowsAndColumns'
import type { KitLine } from './kitAmounts'
import { kitUnit } from './kitUnit'
import { measurable } from './measurable'
import { dilute, mix, type DilutionSeries, type Mixture } from './solution'
import { childrenOnTray, timesNeeded, type TrayChildren } from './timesNeeded'

/** How a line is made ready, with the amounts worked out. */
export type MadeReady =
  | { kind: 'solution'; of: string; unit: string; mixture: Mixture }
  | { kind: 'series'; of: string; unit: string; series: DilutionSeries }
  | { kind: 'recipe'; ingredients: Ingredient[] }
  | { kind: 'pieces'; from: string; plan: CutPlan; piece: Size }
  | { kind: 'roll'; from: string; length: number; layout: CutPiece[]; piece: Size }
  | { kind: 'lengths'; from: string; sticks: number; perStick: number; left: number }

/** Where the class's own size and instruments come from. */
export interface NeedsClass extends TrayChildren {
  cupboard: readonly CupboardInstrument[]
}

/**
 * How a line is made ready, or why it cannot be, or null for a line that is taken as it is.
 * @example madeReady(line, plan, own) // { kind: 'lengths', from: 'stick', sticks: 5, perStick: 12, left: 0 }
 */
export function madeReady(
  line: KitLine,
  plan: Plan,
  own: NeedsClass,
): MadeReady | { kind: 'problem'; message: string } | null {
  const { made } = line.material
  if (!made) return null
  try {
    return ready(made, line, plan, own)
  } catch (error) {
    if (error instanceof RangeError)
      return { kind: 'problem', message: `${line.material.name || 'This line'}: ${error.message}.` }
    throw error
  }
}

function ready(made: Making, line: KitLine, plan: Plan, own: NeedsClass): MadeReady {
  switch (made.kind) {
    case 'solution':
      return {
        kind: 'solution',
        of: made.of,
        unit: made.unit,
        mixture: mix(made, inUnit(line.total, line.material.unit, 'mL'), own.cupboard),
      }
    case 'series':
      return {
        kind: 'series',
        of: made.of,
        unit: made.unit,
        series: dilute(made, levelVolumes(line, plan, own), own.cupboard),
      }
    case 'recipe':
      if (!(made.makes > 0)) throw new RangeError('a recipe makes some of it')
      return {
        kind: 'recipe',
        ingredients: made.ingredients.map(({ name, unit, amount }) => ({
          ...{ name, unit },
          amount: measurable(stripRoundingNoise((amount * line.total) / made.makes), unit, own.cupboard),
        })),
      }
    case 'pieces': {
      const hem = 2 * (made.hem ?? 0)
      const piece = { width: made.width + hem, height: made.height + hem }
      const round = made.round === true
      if (made.sheetHeight > 0) {
        const sheet = { width: made.sheetWidth, height: made.sheetHeight }
        return { kind: 'pieces', from: made.from, plan: cutPlan(line.total, piece, sheet, round), piece }
      }
      const cut = round
        ? circlesOnRoll(line.total, piece.width, made.sheetWidth)
        : piecesOnRoll(line.total, piece, made.sheetWidth)
      return { kind: 'roll', from: made.from, ...cut, piece }
    }
    case 'lengths':
      return { kind: 'lengths', from: made.from, ...sticksFor(line.total, made.length, made.stickLength) }
  }
}

/** How much of each strength all groups need, with the spares shared out alike. */
function levelVolumes(line: KitLine, plan: Plan, own: NeedsClass) {
  const places = testingGroups(plan, own.groups)
  const more = line.needed > 0 ? line.total / line.needed : 1
  return plan.levels.map((level) => {
    const times = places.reduce(
      (sum, place) =>
        sum +
        timesNeeded(
          { ...line.material, level: level.id },
          plan,
          place,
          childrenOnTray(own, places.length, place),
        ),
      0,
    )
    return {
      id: level.id,
      millilitres: Math.ceil(
        stripRoundingNoise(inUnit(line.material.amount * times, line.material.unit, 'mL') * more),
      ),
      strength: level.value ?? 0,
    }
  })
}

function inUnit(amount: number, text: string, wanted: 'mL'): number {
  const known = kitUnit(text)
  if (known.kind !== 'measured') throw new RangeError('a mixture is measured in mL: give the line a volume')
  try {
    return convertUnit(amount, known.unit, wanted)
  } catch (error) {
    if (error instanceof RangeError)
      throw new RangeError('a mixture is measured in mL: give the line a volume')
    throw error
  }
}
