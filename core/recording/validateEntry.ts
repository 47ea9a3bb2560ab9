import { defined } from '../defined'
import { resolutionOf } from '../instrument'
import type { Comparison } from '../evidence'
import { levelName, type Plan } from '../plan'
import type { Entry, Slot } from '../entries'
import {
  convertUnit,
  isOnMark,
  parseQuantity,
  printQuantity,
  roundToMark,
  unitDefinition,
  withUnit,
  printPlain,
  type Unit,
} from '../quantity'
import { expectedReading, type ExpectedReading } from './expectedReading'
import {
  alike,
  apartAt,
  caution,
  explains,
  explainsRoughly,
  fitsMuchBetter,
  middleOf,
  ofMiscountedMarks,
  ofSlips,
} from './explains'
import { fixingCauses, misreadings } from './likelySlips'
import type { EntryValidation, EntryContext, EntryHint } from './entryValidation'
import { comparisonOf } from './comparisonOf'
import { isReadFiner, fewestBetweenMarks } from './finerMarks'
import { numberOf } from './numberOf'

/**
 * Reads what was typed for one try and compares it with the instrument's scale, with what the group may be expected to read,
 * and with the slips that people make.
 *
 * A ready number is offered only for a cause that fixes the value: ten or a hundred times too much or too little, another
 * unit. Two digits that changed places, or marks worth two that were read as one, are asked about. Anything else far from
 * what the others say is asked about without a guess.
 *
 * @param context the slot and the other readings; without it only the number and the scale are looked at
 * @returns hints and a value, or what to ask; it never throws
 * @example validateEntry('340', plan, contextOf(plan, counted, slot)).hints[0].suggestion // 34
 */
export function validateEntry(
  text: string,
  plan: Plan,
  context: EntryContext | null,
): EntryValidation<number> {
  const { unit } = plan.measured
  const { mark } = resolutionOf(plan)
  const parsed = parseQuantity(text, unit, mark)
  if (!parsed.ok) {
    if (parsed.problem === 'empty') return { state: 'empty' }
    if (parsed.problem === 'two-ways')
      return { state: 'two-ways', message: parsed.message, readings: parsed.readings }
    return { state: 'unreadable', message: parsed.message }
  }
  const checked = checkValue(parsed.value, plan, context)
  // What was read off another scale stands between the marks of this one.
  return parsed.typedUnit !== null && isOtherScale(parsed.typedUnit, unit)
    ? { ...checked, hints: checked.hints.filter((hint) => hint.code !== 'between-marks') }
    : checked
}

/** Inches and centimetres, Fahrenheit and Celsius: no mark of one is a mark of the other. */
const isOtherScale = (typed: Unit, unit: Unit) => ofInches.has(typed) !== ofInches.has(unit)
const ofInches = new Set<Unit>(['in', 'ft', 'F'])

/**
 * The same for a number that is known already, such as one of two readings that was chosen.
 * @example checkValue(340, plan, contextOf(plan, counted, slot)).hints[0].suggestion // 34
 */
export function checkValue(
  value: number,
  plan: Plan,
  context: EntryContext | null,
): Extract<EntryValidation<number>, { state: 'value' }> {
  const slip = context ? slipHint(value, plan, context) : null
  const onScale = scaleHints(value, plan).filter(
    (hint) => hint.code !== 'between-marks' || !readsFiner(value, plan, context?.others ?? []),
  )
  const beyond = onScale.some((hint) => hint.code !== 'between-marks')
  return { state: 'value', value, hints: slip ? [slip, ...(beyond ? onScale : [])] : onScale }
}

/** Whether the class reads tenths of the marks, as with a stopwatch that shows hundredths: after two of them nobody is asked again. */
function readsFiner(value: number, plan: Plan, others: EntryContext['others']): boolean {
  const { mark } = resolutionOf(plan)
  const finer = others.filter((one) => isReadFiner(one.value, mark))
  return isReadFiner(value, mark) && finer.length >= fewestBetweenMarks
}

/** Compares with the scale in the instrument's own unit, where its marks stand. */
function scaleHints(value: number, { measured, rounding }: Plan): EntryHint[] {
  const { unit, instrument } = measured
  const { name, least, greatest, smallestMark } = instrument
  const onScale = Number(convertUnit(value, unit, instrument.unit).toPrecision(10))
  const show = (amount: number) => printQuantity(amount, instrument.unit, smallestMark)
  if (onScale < least)
    return [{ code: 'below-scale', message: `The ${name} starts at ${show(least)}.`, suggestion: null }]
  if (onScale > greatest)
    return [{ code: 'above-scale', message: `The ${name} ends at ${show(greatest)}.`, suggestion: null }]
  const allowed = rounding === 'half-mark' ? smallestMark / 2 : smallestMark
  if (isOnMark(onScale, allowed)) return []
  const nearest = roundToMark(onScale, allowed)
  return [
    {
      code: 'between-marks',
      message: `Between the marks. The nearest is ${printQuantity(nearest, instrument.unit, allowed)}.`,
      suggestion: convertUnit(nearest, instrument.unit, unit),
    },
  ]
}

function slipHint(
  value: number,
  plan: Plan,
  { slot, others, row, inRounds = false }: EntryContext,
): EntryHint | null {
  const { unit } = plan.measured
  const { mark } = resolutionOf(plan)
  const show = (amount: number) => printQuantity(roundToMark(amount, mark), unit, mark)
  const comparison = comparisonOf(plan, [], 1, { sideBySide: false, inRounds })
  const expected = expectedReading(comparison, others, slot)
  const here = others.filter((one) => one.levelId === slot.levelId).map((one) => one.value)
  const usual = expected?.value ?? (here.length < 2 ? null : middleOf(here))
  const turned = usual === null ? null : swappedWith(value, plan, usual, slot, row)
  if (turned)
    return {
      code: 'stands-apart',
      message: `${nearWords(expected?.by ?? 'level', show(defined(usual)))} Look again: ${turned}`,
      suggestion: null,
    }
  const fixed = fixingCauses(value, plan).find(
    ({ meant }) =>
      alike(meant, expected?.value ?? middleOf(here)) &&
      (expected ? explains(value, meant, expected) : explainsRoughly(value, meant, here, mark)),
  )
  if (fixed) {
    const meant = roundToMark(fixed.meant, mark)
    return {
      code: 'likely-slip',
      message: `${nearWords(expected?.by ?? 'level', show(expected?.value ?? middleOf(here)))} Is it ${show(meant)} (${fixed.cause})?`,
      suggestion: meant,
    }
  }
  if (!expected) return null
  const away = Math.abs(value - expected.value) / expected.spread
  const near = nearWords(expected.by, show(expected.value))
  const misread = misreadings(value, plan).find(({ meant, ofMarks }) =>
    explains(value, meant, expected, ofMarks ? ofMiscountedMarks : ofSlips),
  )
  if (misread)
    return { code: 'stands-apart', message: `${near} Look again: ${misread.ask}`, suggestion: null }
  const elsewhere = otherPlace(value, plan, expected, comparison, others, slot)
  if (elsewhere)
    return { code: 'stands-apart', message: `${near} Look again: ${elsewhere}`, suggestion: null }
  if (away <= apartAt.unexplained * caution(expected.freedom)) return null
  return {
    code: 'stands-apart',
    message: `${near} Look again: is it really ${withUnit(printPlain(value, unit), unit)}?`,
    suggestion: null,
  }
}

const nearWords = (by: ExpectedReading['by'], middle: string) =>
  by === 'level'
    ? `The others are near ${middle}.`
    : `Going by the other levels, it should be near ${middle}.`

/** In longer rows a neighbour's number may well be the right one. */
const momentsToSwap = 3

/** What was read at another moment of the same try fits here, and what is typed doesn't: the two may have changed places. */
function swappedWith(
  value: number,
  plan: Plan,
  usual: number,
  { moment, tryNumber }: Slot,
  row: EntryContext['row'],
): string | null {
  const { dimension } = unitDefinition(plan.measured.unit)
  const isComparable = ({ readWith }: Entry) =>
    readWith === null || unitDefinition(readWith.unit).dimension === dimension
  const own = row.filter((one) => one.tryNumber === tryNumber && one.moment !== moment && isComparable(one))
  if (own.length >= momentsToSwap) return null
  const other = own.find((one) => {
    const read = numberOf(plan, one)
    return read !== null && fitsMuchBetter(value, read, usual, resolutionOf(plan).mark)
  })
  return other ? `has it changed places with “${other.moment}”?` : null
}

/** What fits another level of the same group may stand in the wrong place, or be the last number once more. */
function otherPlace(
  value: number,
  plan: Plan,
  expected: ExpectedReading,
  comparison: Comparison,
  others: EntryContext['others'],
  { groupId, levelId }: Slot,
): string | null {
  if (Math.abs(value - expected.value) <= apartAt.elsewhere * caution(expected.freedom) * expected.spread)
    return null
  const own = others.filter((one) => one.groupId === groupId)
  const last = own.at(-1)
  if (last && last.levelId !== levelId && last.value === value)
    return `it is the same as your last one, at ${nameOf(plan, last.levelId)}.`
  const fitting = comparison.levels.find((level) => {
    if (level.id === levelId) return false
    const there = expectedReading(comparison, others, { groupId, levelId: level.id })
    return there !== null && there.by === 'level' && Math.abs(value - there.value) <= there.spread
  })
  return fitting ? `does it belong to ${levelName(plan, fitting)}?` : null
}

function nameOf(plan: Plan, levelId: string): string {
  const level = plan.levels.find((one) => one.id === levelId)
  return level ? levelName(plan, level) : 'another place'
}
