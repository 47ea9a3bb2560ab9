import {
  levelName,
  type Ingredient,
  type Making,
  type Material,
  type MaterialRule,
  type Plan,
} from '../../plan'
import {
  convertUnit,
  countedThing,
  kitchenUnits,
  listed,
  printFraction,
  unitDefinition,
  type Unit,
} from '../../quantity'
import { kitUnit } from '../kitUnit'

const rules: Record<MaterialRule, string> = {
  class: 'for the class',
  turns: 'for all groups, taking turns',
  group: 'for each group',
  child: 'for each child',
  level: 'for each level',
  try: 'for each try',
  'level-try': 'for each try at each level',
  'child-try': 'for each child at each try',
  value: 'as often as each level says',
}

/**
 * An amount as it stands on a list: "150 mL", "2 sheets", "6".
 * @example amountWords(1, 'sheets') // '1 sheet'
 */
export function amountWords(amount: number, unit: string): string {
  const known = kitUnit(unit)
  const number = plainAmount(amount, unit)
  if (known.kind === 'measured') {
    if (known.unit === 'mL' && amount >= 1000) return `${Number((amount / 1000).toPrecision(6))} L`
    if (known.unit === 'g' && amount >= 1000) return `${Number((amount / 1000).toPrecision(6))} kg`
    const symbol = unitDefinition(known.unit).symbol
    const metric = metricOf(amount, known.unit)
    return metric === null ? `${number} ${symbol}` : `${number} ${symbol} (${metric})`
  }
  if (known.word === '') return number
  const words = countedThing(amount, known.word)
  return kitchenWord.test(known.word) ? words.replace(/^[\d.]+/, number) : words
}

/** What is filled by eye, in halves, thirds and quarters. */
const kitchenWord = /^(?:cups?|spoons?|spoonfuls?|teaspoons?|tablespoons?|scoops?|handfuls?)$/i

/** A number as it is said: a third of a cup and half a pound as fractions, all else with decimals. */
function plainAmount(amount: number, unit: string): string {
  const known = kitUnit(unit)
  const inFractions = known.kind === 'things' ? kitchenWord.test(known.word) : known.unit in kitchenUnits
  const twelfths = amount * 12
  if (inFractions && amount < 10 && Math.abs(twelfths - Math.round(twelfths)) < 1e-6)
    return printFraction(amount, 1 / 12)
  return Number(amount.toPrecision(6)).toString()
}

/** What a kitchen's unit is on a balance or in a jug, to two figures. */
function metricOf(amount: number, unit: Unit): string | null {
  if (!(unit in kitchenUnits)) return null
  const base = unitDefinition(unit).dimension === 'mass' ? 'g' : 'mL'
  return `about ${Number(convertUnit(amount, unit, base).toPrecision(2))} ${base}`
}

/**
 * An amount with its thing, as it is read out.
 * @example amountOf(2, 'sheets', 'card') // '2 sheets of card'
 */
export function amountOf(amount: number, unit: string, name: string): string {
  const counted = kitUnit(unit)
  if (counted.kind === 'measured') return `${amountWords(amount, unit)} ${name}`
  return counted.word === '' ? countedThing(amount, name) : `${amountWords(amount, unit)} of ${name}`
}

/**
 * A line of the kit in words, as it was understood.
 * @example describeLine(line, plan) // '2 sheets of card for each level, used up, 10% spare'
 */
export function describeLine(line: Omit<Material, 'id'>, plan: Pick<Plan, 'changed' | 'levels'>): string {
  const amount = sharersOf(line) > 1 ? 1 : line.amount
  return `${amountOf(amount, line.unit, line.name || '…')} ${ruleWords(line, plan)}`
}

/** How many children share one of it: 2 where each child counts for half. */
function sharersOf({ amount, per }: Pick<Material, 'amount' | 'per'>): number {
  const sharers = per === 'child' && amount > 0 && amount < 1 ? Math.round(1 / amount) : 1
  return Math.abs(amount * sharers - 1) < 1e-9 ? sharers : 1
}

/**
 * What a line is for and what becomes of it, in words.
 * @example ruleWords(line, plan) // 'for each level, used up, 10% spare'
 */
export function ruleWords(
  { amount, per, use, spare, level, place, made }: Omit<Material, 'id'>,
  plan: Pick<Plan, 'changed' | 'levels'>,
): string {
  const sharers = sharersOf({ amount, per })
  const only = plan.levels.find((one) => one.id === level)
  const parts = [
    sharers > 1 ? `between ${sharers} children` : rules[per],
    only ? `only where ${levelName(plan, only)} is tested` : '',
    made ? makingWords(made, amount) : '',
    use === 'reused' ? 'used again' : 'used up',
    spare.value > 0 ? `${spare.value}${spare.kind === 'percent' ? '%' : ''} spare` : '',
    place === 'tray' ? '' : place === 'front' ? 'at the front table' : 'with the teacher only',
  ]
  return parts.filter(Boolean).join(', ')
}

/**
 * How a line is made ready, in words.
 * @param amount of what is made, for which the things are said that it is mixed from
 * @example makingWords({ kind: 'lengths', length: 25, from: 'string, 3 m', stickLength: 300 }) // 'cut from string, 3 m'
 */
export function makingWords(made: Making, amount = 1): string {
  switch (made.kind) {
    case 'solution':
      return `${made.amount} ${made.unit} of ${made.of} to ${amountWords(made.inMillilitres, 'mL')} of water`
    case 'series':
      return `each level’s number of ${made.unit} of ${made.of} to ${amountWords(made.inMillilitres, 'mL')} of water`
    case 'recipe':
      return `made from ${ingredientsSaid(made, amount)}`
    case 'pieces':
      return `cut from ${made.from}${made.hem === undefined ? '' : ` with ${made.hem} cm hem all round`}`
    case 'lengths':
      return `cut from ${made.from}`
  }
}

/**
 * What so much of a mixture is made from, as it can be typed.
 * @example ingredientsSaid({ makes: 200, ingredients: [{ name: 'flour', unit: 'g', amount: 120 }, { name: 'water', unit: 'mL', amount: 80 }] }, 100)
 * // '60 g flour and 40 mL water'
 */
export const ingredientsSaid = (
  { makes, ingredients }: { makes: number; ingredients: readonly Ingredient[] },
  amount: number,
) =>
  listed(
    ingredients.map(
      (one) => `${Number(((one.amount * amount) / makes).toPrecision(6))} ${one.unit} ${one.name}`,
    ),
  )
