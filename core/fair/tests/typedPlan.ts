import { fromCupboard, instrumentCupboard } from '../../instrument'
import type { Plan } from '../../plan'
import { unitDefinition, unitFromText, type Unit } from '../../quantity'
import { examplePlan } from '../../testing/examplePlan'

/** A plan in short: what is changed, its levels with "|" between, what is measured "in" which unit, what is kept the same, and the question. */
export type TypedPlan = [changed: string, levels: string, measured: string, same: string, question?: string]

const numbered = /^(-?\d+(?:[.,]\d+)?)\s*(\S.*)?$/

/** The plan that a table row stands for. */
export function planOf([changed, levels, measured, same, question = '']: TypedPlan): Plan {
  const names = levels.split('|').map((one) => one.trim())
  const numbers = names.map((one) => numbered.exec(one))
  const unit = unitFromText(numbers[0]?.[2] ?? '') ?? 'count'
  const isNumber = numbers.every((one) => one !== null && (!one[2] || unitFromText(one[2]) !== null))
  const [, what = measured, unitTyped = 'things'] = /^(.*) in (\S+)$/.exec(measured) ?? []
  return examplePlan({
    title: '',
    question,
    changed: {
      name: changed,
      kind: isNumber ? 'number' : 'kinds',
      unit: isNumber ? unit : null,
      range: null,
    },
    levels: names.map((name, at) => ({
      id: `l${at}`,
      name: isNumber ? '' : name,
      value: isNumber ? Number((numbers[at]?.[1] ?? '').replace(',', '.')) : null,
      baseline: false,
      picture: null,
    })),
    measured: { name: what, ...readIn(unitTyped) },
    keptSame: same
      .split(';')
      .filter((one) => one.trim() !== '')
      .map((one, at) => {
        const [name = '', how = 'the same one every time'] = one.split(':').map((part) => part.trim())
        return { id: `s${at}`, name, how, was: null }
      }),
  })
}

/** "stick:°C" is what is read with a stick in degrees: an instrument that does not fit. */
function readIn(typed: string): Pick<Plan['measured'], 'unit' | 'instrument'> {
  const [with_, unitText] = typed.includes(':') ? (typed.split(':') as [string, string]) : ['', typed]
  const unit: Unit = unitFromText(unitText) ?? 'count'
  const instrument =
    instrumentCupboard.find((one) =>
      with_ === ''
        ? unitDefinition(one.unit).dimension === unitDefinition(unit).dimension
        : one.name.includes(with_),
    ) ?? instrumentCupboard[0]
  if (!instrument) throw new Error('there is no instrument')
  return { unit, instrument: fromCupboard(instrument) }
}
