import { variableWords } from '../../class'
import { checkFair } from '../checkFair'
import { planOf, type TypedPlan } from './typedPlan'

const context = { age: '7-9', words: variableWords('plain') } as const
const codesOf = (typed: TypedPlan): { code: string; severity: 'mend' | 'think' }[] =>
  checkFair(planOf(typed), context).findings

/** A plan of a table as somebody would say it. */
const told = ([changed, levels]: TypedPlan): string => `${changed}: ${levels}`

/** The flawed plans that nobody warns of by what is wrong with them. */
export function passedFlaws(table: Record<string, TypedPlan[]>): { all: number; passed: string[] } {
  const all = Object.entries(table).flatMap(([code, plans]) => plans.map((plan) => ({ code, plan })))
  const passed = all.filter(({ code, plan }) => !codesOf(plan).some((one) => one.code.startsWith(code)))
  return { all: all.length, passed: passed.map(({ code, plan }) => `${told(plan)} (${code})`) }
}

/** The sound plans that something is said to be wrong with. */
export function accusedPlans(table: readonly TypedPlan[]): { all: number; accused: string[] } {
  const wrong = (plan: TypedPlan) =>
    codesOf(plan).filter(({ code, severity }) => severity === 'mend' || code === 'no-baseline')
  const accused = table.filter((plan) => wrong(plan).length > 0)
  return {
    all: table.length,
    accused: accused.map(
      (plan) =>
        `${told(plan)} → ${wrong(plan)
          .map(({ code }) => code)
          .join(', ')}`,
    ),
  }
}
