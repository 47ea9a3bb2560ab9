import { isDay } from '#core/calendar'
import { suppliesLimit } from '#core/format'
import { amount, day, fileText, id, line, localId, openLine, wholeNumber } from './common'
import { distinct } from './distinct'
import Joi from './joi'
import { choice, list, object, optional, orNull, rule, yesOrNo } from './typed'

const most = 1e6

/** One line of the store cupboard. */
export const supplySchema = object({
  id,
  name: line(80),
  unit: openLine(20),
  amount: amount(0, most),
  shelf: openLine(80),
  packSize: orNull(amount(0.001, most)),
  price: orNull(amount(0, most)),
  instead: list(line(80), 10).messages({ 'array.max': 'Name at most ten things that do the same job.' }),
  care: openLine(240),
})

/** What a shop sells, line by line. */
export const shopListSchema = object({
  offers: list(
    object({ name: line(80), unit: openLine(20), packSize: amount(0.001, most), price: amount(0, most) }),
    suppliesLimit,
  ).messages({ 'array.max': `A shop list has at most ${suppliesLimit} lines.` }),
})

/** A file of supplies, as text. */
export const suppliesFileSchema = object({
  csv: fileText(suppliesLimit * 400, 'This file is too long for one store cupboard.'),
})

const closed = object({ from: day, to: day, name: openLine(60), staffIn: optional(yesOrNo()) }).custom(
  rule(({ from, to }: { from: string; to: string }) =>
    to < from || !isDay(to) ? 'These closed days end before they begin.' : null,
  ),
)

/** When the school is open. */
export const calendarSchema = object({
  weekend: list(wholeNumber(0, 6), 6)
    .custom(distinct())
    .messages({ 'array.max': 'A school is open on at least one day of the week.' }),
  weekendHelp: yesOrNo(),
  closed: list(closed, 400).messages({ 'array.max': 'A calendar has at most 400 lines of closed days.' }),
})

/** A calendar file, as text. */
export const calendarFileSchema = object({
  text: fileText(1_000_000, 'This calendar is too long. Save only the holidays.'),
})

/** A group's id, what lies on no tray, or the spares. */
const place = Joi.alternatives<string>(choice('shared', 'spare'), id).messages({
  'alternatives.match': 'This is not a place to pack. Reload the page.',
})

/** What has been packed since, cell by cell. */
export const ticksSchema = object({
  ticks: list(object({ materialId: localId, place, amount: amount(0, most) }), 600)
    .min(1)
    .messages({ 'array.max': 'These are too many ticks at once.', 'array.min': 'Nothing was ticked.' }),
})

/** What came back, line by line. */
export const countsSchema = object({
  counts: list(object({ materialId: localId, back: amount(0, most), broken: amount(0, most) }), 200)
    .min(1)
    .custom(distinct('materialId'))
    .messages({ 'array.unique': 'One thing is counted twice.', 'array.min': 'Nothing was counted.' }),
})

/** That the school's own risk assessment has been checked, for the plan of a version. Who is signed in needs no initials. */
export const confirmationSchema = object({
  initials: optional(
    line(6)
      .pattern(/^\p{L}[\p{L}.\- ]*$/u)
      .messages({
        'string.pattern.base': 'Type your initials, like AB.',
        'string.empty': 'Type your initials, like AB.',
      }),
  ),
  version: wholeNumber(0, Number.MAX_SAFE_INTEGER),
})
