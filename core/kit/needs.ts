import { itemAt } from '../defined'
import type { Plan } from '../plan'
import { convertUnit, stripRoundingNoise } from '../quantity'
import type { KitLine } from './kitAmounts'
import { kitUnit, sharedUnit } from './kitUnit'
import { madeReady, type NeedsClass } from './madeReady'
import { supplyKey } from './sameThing'
import { sharedSheets } from './sharedSheets'

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
