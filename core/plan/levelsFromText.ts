import { firstOf, itemAt } from '../defined'
import {
  hasRaisedDigit,
  listPieces,
  parseQuantity,
  plainText,
  printPlain,
  unitFromText,
  units,
  withUnit,
  type Unit,
} from '../quantity'
import { levelName, orderedLevels } from './levelName'
import { newLevel } from './levels'
import { fittingPrediction } from './fittingPrediction'
import { planLimits, type Level, type Plan } from './plan'

/** What became of levels typed in one line. */
export type TypedLevels = { ok: true; plan: Plan } | { ok: false; message: string }

const nothingAdded = /^(?:nothing|none|plain|nothing added|no \p{L}+)$/iu

/**
 * The levels as one line, as they would be typed: "20, 40, 60 cm" or "tile, wood, carpet".
 * @example levelsText(plan) // '20, 40, 60 cm'
 */
export function levelsText(plan: Pick<Plan, 'changed' | 'levels'>): string {
  const levels = orderedLevels(plan)
  if (plan.changed.kind === 'kinds') return levels.map((level) => level.name).join(', ')
  const { unit } = plan.changed
  const numbers = levels.flatMap(({ value }) => (value === null ? [] : [printPlain(value, unit)]))
  return numbers.length === 0 || !unit ? numbers.join(', ') : withUnit(numbers.join(', '), unit)
}

/**
 * Reads levels typed in one line: numbers when all of them are numbers ("10, 20, 30 cm"), else kinds ("wool, foil, nothing"). A
 * level that was there before stays the same level, with its picture and its readings; where as many are typed as before, one that
 * is called otherwise is the one in its place. The unit written last counts for those without one.
 *
 * @returns the plan with these levels, or a message that says what to type instead; it never throws
 * @example levelsFromText(plan, '10, 20 and 30 cm').plan.levels.length // 3
 */
export function levelsFromText(plan: Plan, text: string): TypedLevels {
  const listed = listPieces(text)
  if (!listed.ok) return listed
  const { pieces } = listed
  if (pieces.length > planLimits.levels)
    return {
      ok: false,
      message: `${pieces.length} levels are too many for one class. ${planLimits.levels} is the most.`,
    }
  const unit = unitOf(pieces, plan.changed.unit ?? 'cm')
  const numbers = pieces.map((piece) => parseQuantity(piece, unit))
  const unread = numbers.filter((one) => !one.ok && one.problem !== 'two-ways').length
  if (unread === 0) return asNumbers(plan, unit, numbers)
  const raised = pieces.find((piece) => hasRaisedDigit(piece))
  if (raised && unread < pieces.length)
    return {
      ok: false,
      message: `“${raised}” has a small raised digit in it. Type the whole number in normal digits.`,
    }
  if (unread < pieces.length && plan.changed.kind === 'number' && plan.levels.length > 0) {
    const piece = itemAt(
      pieces,
      numbers.findIndex((one) => !one.ok),
    )
    return {
      ok: false,
      message: `“${piece}” isn’t a number like the others. Write numbers only, or names only.`,
    }
  }
  return { ok: true, plan: asKinds(plan, pieces) }
}

/** The unit that the last piece with one names; the plan's own where none does. */
function unitOf(pieces: readonly string[], own: Unit): Unit {
  for (const piece of [...pieces].reverse()) {
    const named = /\d\s*([^\d\s.,/]+)\.?$/u.exec(plainText(piece))?.[1]
    const unit = named ? unitFromText(named) : null
    if (unit) return unit
  }
  // "1 m 20" and the like: whatever reads the first piece.
  const first = pieces[0] ?? ''
  if (parseQuantity(first, own).ok) return own
  return units.find((unit) => parseQuantity(first, unit).ok) ?? own
}

function asNumbers(plan: Plan, unit: Unit, numbers: ReturnType<typeof parseQuantity>[]): TypedLevels {
  const asked = numbers.find((one) => !one.ok)
  if (asked && !asked.ok) return { ok: false, message: asked.message }
  const changed = { ...plan.changed, kind: 'number' as const, unit }
  if (plan.changed.kind !== 'number' || plan.changed.unit !== unit) changed.range = null
  const values = numbers.flatMap((one) => (one.ok ? [one.value] : []))
  const sameUnit = plan.changed.kind === 'number' && plan.changed.unit === unit
  const before = sameUnit ? orderedLevels(plan) : []
  const levels = kept(before, values, (level, value) => level.value === value).map((level, index): Level => ({
    ...(level ?? newLevel()),
    name: '',
    value: itemAt(values, index),
  }))
  return { ok: true, plan: { ...plan, changed, levels } }
}

function asKinds(plan: Plan, typed: readonly string[]): Plan {
  const names = typed.map((name) => name.slice(0, 60))
  const plain = (text: string) => text.trim().toLowerCase()
  const before = plan.changed.kind === 'kinds' ? plan.levels : []
  const levels = kept(before, names, (level, name) => plain(levelName(plan, level)) === plain(name)).map(
    (level, index): Level => ({
      ...(level ?? newLevel({ baseline: nothingAdded.test(itemAt(names, index)) })),
      name: itemAt(names, index),
      value: null,
    }),
  )
  const changed = { ...plan.changed, kind: 'kinds' as const, unit: null, range: null }
  return { ...plan, changed, levels, prediction: fittingPrediction(plan, changed) }
}

/** For each thing typed the level that it was before, if any. */
function kept<T>(
  before: readonly Level[],
  typed: readonly T[],
  same: (level: Level, one: T) => boolean,
): (Level | null)[] {
  const left = [...before]
  const found = typed.map((one) => {
    const at = left.findIndex((level) => same(level, one))
    return at < 0 ? null : firstOf(left.splice(at, 1))
  })
  if (before.length !== typed.length) return found
  return found.map((level, index) => {
    const inPlace = itemAt(before, index)
    return level ?? (left.includes(inPlace) ? inPlace : null)
  })
}
