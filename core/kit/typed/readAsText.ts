import type { Making, Plan } from '../../plan'
import { ingredientsSaid } from './describeLine'
import { understandLine } from './understandLine'

/** What a typed line is read as, in short, for tables of lines; "ask" where it is asked about. */
export function readAsText(typed: string, plan: Plan): string {
  const read = understandLine(typed, plan)
  if (!read.ok) return 'ask'
  const { amount, unit, name, per, made } = read.material
  return `${[Number(amount.toPrecision(4)), unit, name].filter((part) => part !== '').join(' ')} /${per}${made ? ` <${makingText(made)}>` : ''}`
}

function makingText(made: Making): string {
  switch (made.kind) {
    case 'solution':
      return `${made.amount} ${made.unit} ${made.of} to ${made.inMillilitres} mL`
    case 'series':
      return `${made.unit} ${made.of} to ${made.inMillilitres} mL by level`
    case 'recipe':
      return `made from ${ingredientsSaid(made, made.makes)}`
    case 'pieces':
      return `from ${made.from}${made.hem === undefined ? '' : `, hem ${made.hem}`}`
    case 'lengths':
      return `from ${made.from}`
  }
}
