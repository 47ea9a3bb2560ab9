import { firstOf, itemAt, lastOf } from '../defined'
import { newLevel, type Level, type Plan } from '../plan'
import { parseQuantity } from '../quantity'

/** Steps between two levels, the usual number first. */
const stepsTried = [4, 3, 5, 2]
/** Levels beyond the last one that was tested. */
const beyond = 2

/**
 * The levels that a question asks of what was changed, where it names some: between two numbers in even steps, or further on than a
 * number, by the last step.
 * @returns null where the question names none, or the levels are no numbers
 * @example levelsAsked(plan, 'What happens between 20 and 40 cm?')?.map(({ value }) => value) // [20, 25, 30, 35, 40]
 * @example levelsAsked(plan, 'What happens beyond 60 cm?')?.map(({ value }) => value) // [40, 60, 80, 100]
 */
export function levelsAsked(plan: Plan, question: string): Level[] | null {
  const { kind, unit } = plan.changed
  const values = plan.levels.flatMap(({ value }) => value ?? []).sort((a, b) => a - b)
  if (kind !== 'number' || unit === null || values.length !== plan.levels.length || values.length < 2)
    return null
  const numberIn = (text: string) => {
    const read = parseQuantity(text, unit)
    return read.ok ? read.value : null
  }
  const isWhole = unit === 'count'
  const found = numbersAsked(question, values, numberIn, isWhole)
  if (!found || (isWhole && !found.every(Number.isInteger))) return null
  return found.map((value) => plan.levels.find((level) => level.value === value) ?? newLevel({ value }))
}

function numbersAsked(
  question: string,
  values: readonly number[],
  read: (text: string) => number | null,
  whole: boolean,
): number[] | null {
  const [, from, to] = /\bbetween\s+(\S.{0,30}?)\s+and\s+(\S[^?]{0,30}?)\s*\??$/iu.exec(question) ?? []
  if (from !== undefined && to !== undefined) {
    // "between 50 and 75 cm": the unit stands once.
    const unit = /^[\d.,/\s]+$/u.test(from) ? to.replace(/^[\d.,/\s]+/u, ' ') : ''
    return stepsBetween(read(from + unit), read(to), whole)
  }
  const [, last] =
    /\b(?:beyond|above|over|more than|further than|higher than)\s+(\S[^?]{0,30}?)\s*\??$/iu.exec(question) ??
    []
  return last === undefined ? null : stepsBeyond(values, read(last))
}

function stepsBetween(from: number | null, to: number | null, whole: boolean): number[] | null {
  if (from === null || to === null || !(to > from)) return null
  const steps = stepsTried.find((count) => isRound((to - from) / count, whole)) ?? firstOf(stepsTried)
  return Array.from({ length: steps + 1 }, (_, index) => tidy(from + ((to - from) * index) / steps))
}

/** The last two that were tested, and as many again: what is new is seen beside what is known. */
function stepsBeyond(values: readonly number[], last: number | null): number[] | null {
  if (last === null || last !== lastOf(values)) return null
  const before = itemAt(values, values.length - 2)
  return [before, ...Array.from({ length: beyond + 1 }, (_, index) => tidy(last + index * (last - before)))]
}

const tidy = (value: number) => Number(value.toPrecision(12))
/** A step that a child can set without thinking: one or two digits, as 5 or 2.5. */
const isRound = (step: number, whole: boolean) =>
  whole ? Number.isInteger(step) : Number(step.toPrecision(2)) === tidy(step)
