import { resolutionOf } from '../instrument'
import type { Plan } from '../plan'
import {
  decimalsOfMark,
  parseQuantity,
  printQuantity,
  printReadingIn,
  stripRoundingNoise,
  type Unit,
} from '../quantity'
import type { Working } from './way'

/** How a difference is called, and what came of it, "…" standing for the value. */
export interface DifferenceWords {
  lost: [name: string, short: string]
  gained: [name: string, short: string]
  same: [name: string, short: string]
}

const lostAndGained: DifferenceWords = {
  lost: ['how much it lost', 'lost …'],
  gained: ['how much it gained', 'gained …'],
  same: ['how much it changed', 'no change'],
}

/**
 * One line of arithmetic, with its result.
 * @example working('how many a minute', '23 × 4', 92, 'count', 1).said // '23 × 4 = 92'
 */
export function working(name: string, sum: string, value: number, unit: Unit, mark: number): Working {
  const printed = printQuantity(value, unit, mark)
  return { name, sum, value, unit, mark, said: `${sum} = ${printed}`, short: printed }
}

/** A value of the plan with its unit, as it stands in a sum. */
export const inSum = (plan: Plan, value: number): string =>
  printReadingIn(value, plan.measured.unit, resolutionOf(plan).mark)

/**
 * A difference of two values as one line: the smaller is taken from the greater, and the name says which way it went.
 * @example difference(plan, { from: 160, to: 156 }).said // '160 cm − 156 cm = 4 cm'
 */
export function difference(
  plan: Plan,
  { from, to }: { from: number; to: number },
  words = lostAndGained,
): Working {
  const [more, less] = from >= to ? [from, to] : [to, from]
  const [name, short] = from === to ? words.same : from > to ? words.lost : words.gained
  const value = stripRoundingNoise(more - less)
  const sum = `${inSum(plan, more)} − ${inSum(plan, less)}`
  const line = working(name, sum, value, plan.measured.unit, resolutionOf(plan).mark)
  return { ...line, short: short.replace('…', line.short) }
}

/**
 * What a try comes to: of each quantity the last sum, and its share where there is one and it is not of nothing.
 * @example workedShort([working('how much it lost', '200 g − 198 g', 2, 'g', 1), working('share', '2 g of 200 g', 1, 'percent', 1)]) // '2 g, 1%'
 */
export function workedShort(steps: readonly Working[]): string {
  const last = new Map<string, Working[]>()
  let unit = ''
  for (const step of steps) {
    if (step.unit !== 'percent') last.set((unit = step.unit), [step])
    else if (last.get(unit)?.[0]?.value !== 0) last.get(unit)?.push(step)
  }
  return [...last.values()].map((of) => of.map((step) => step.short).join(', ')).join('; ')
}

/**
 * Whether what children worked out is right: as fine as it was typed, but no coarser than a mark.
 * @example isWorkedOut({ value: 13.333, unit: 'cm', mark: 1 }, '13.3') // true; '13.8' and '10' are not
 */
export function isWorkedOut(
  { value, unit, mark }: Pick<Working, 'value' | 'unit' | 'mark'>,
  typed: string,
): boolean {
  const read = parseQuantity(typed, unit, mark)
  const values = read.ok ? [read.value] : read.readings.map((one) => one.value)
  const decimals = /[.,](?<digits>\d+)/u.exec(typed)?.groups?.digits?.length ?? 0
  const step = decimals > decimalsOfMark(mark) ? 10 ** -decimals : mark
  return values.some((one) => Math.abs(one - value) <= step / 2 + 1e-9)
}
