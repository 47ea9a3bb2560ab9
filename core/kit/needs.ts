import type { CupboardInstrument } from '../instrument'
import { itemAt } from '../defined'
import { type Ingredient, type Making, type Plan, testingGroups } from '../plan'
import { convertUnit, stripRoundingNoise } from '../quantity'
import { circlesOnRoll } from './cutting/circles'
import { cutPlan, type CutPlan } from './cutting/cutPlan'
import type { CutPiece } from './cutting/guillotine'
import { sticksFor } from './cutting/lengths'
import { piecesOnRoll } from './cutting/roll'
import type { Size } from './cutting/rowsAndColumns'
import type { KitLine } from './kitAmounts'
import { kitUnit, sharedUnit } from './kitUnit'
import { supplyKey } from './sameThing'
import { measurable } from './measurable'
import { sharedSheets } from './sharedSheets'
import { dilute, mix, type DilutionSeries, type Mixture } from './solution'
import { childrenOnTray, timesNeeded, type TrayChildren } from './timesNeeded'

/** What one line of the kit takes out of the store cupboard. */
export interface Need {
  /** The name under which amounts of one thing are added up. */
  key: string
  name: string
  /** In the unit that its kind is added up in: mL, g, cm, a word or nothing. */
  unit: string
  amount: number
  use: 'reused' | 'used-up'
  /** The lines of the kit that it is for. */
  materialIds: string[]
}

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

/**
 * What a kit takes out of the store cupboard: the lines as they are, and in place of what is mixed or cut the
 * things that it is made from. Amounts of one thing are added up.
 * @example needsOf(lines, plan, own).find((need) => need.name === 'salt')?.amount // 95
 */
export function needsOf(lines: readonly KitLine[], plan: Plan, own: NeedsClass): Need[] {
  const needs = new Map<string, Need>()
  const add = (name: string, unit: string, amount: number, use: Need['use'], id: string) => {
    if (name.trim() === '' || amount <= 0) return
    const known = kitUnit(unit)
    const total = sharedUnit(unit)
    const value = known.kind === 'measured' ? convertUnit(amount, known.unit, total as 'mL') : amount
    const key = `${supplyKey(name)}|${total}|${use}`
    const before = needs.get(key)
    if (before) {
      before.amount = stripRoundingNoise(before.amount + value)
      before.materialIds.push(id)
    } else
      needs.set(key, {
        key: supplyKey(name),
        name: name.trim(),
        unit: total,
        amount: value,
        use,
        materialIds: [id],
      })
  }
  const allMade = lines.map((line) => madeReady(line, plan, own))
  const shared = sharedSheets(lines, allMade)
  for (const { from, sheets, materialIds } of shared)
    add(from, 'sheets', sheets.length, 'used-up', itemAt(materialIds, 0))
  for (const [index, line] of lines.entries()) {
    const { material, total } = line
    const made = itemAt(allMade, index)
    if (made === null || made.kind === 'problem')
      add(material.name, material.unit, total, material.use, material.id)
    else if (made.kind === 'solution') {
      add('water', 'mL', made.mixture.water, 'used-up', material.id)
      add(made.of, made.unit, made.mixture.added, 'used-up', material.id)
    } else if (made.kind === 'series') {
      const { stock, steps } = made.series
      add('water', 'mL', stock.water + steps.reduce((sum, one) => sum + one.water, 0), 'used-up', material.id)
      add(made.of, made.unit, stock.added, 'used-up', material.id)
    } else if (made.kind === 'recipe')
      for (const { name, unit, amount } of made.ingredients) add(name, unit, amount, 'used-up', material.id)
    else if (made.kind === 'pieces') {
      const isShared = shared.some((one) => one.materialIds.includes(material.id))
      add(made.from, 'sheets', made.plan.sheets - (isShared ? 1 : 0), 'used-up', material.id)
    } else if (made.kind === 'roll') add(made.from, 'cm', made.length, 'used-up', material.id)
    else add(made.from, '', made.sticks, 'used-up', material.id)
  }
  return [...needs.values()]
}
