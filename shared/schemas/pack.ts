import { isDay } from '#core/calendar'
import { suppliesLimit } from '#core/format'
import { amount, choice, day, id, line, localId, openLine, wholeNumber } from './common'
import { distinct } from './distinct'
import Joi from './joi'

const required = { presence: 'required' } as const
const most = 1e6

/** One line of the store cupboard. */
export const supplySchema = Joi.object({
  id,
  name: line(80),
  unit: openLine(20),
  amount: amount(0, most),
  place: openLine(80),
  packSize: amount(0.001, most).allow(null),
  price: amount(0, most).allow(null),
  instead: Joi.array()
    .items(line(80))
    .max(10)
    .messages({ 'array.max': 'Name at most ten things that do the same job.' }),
  care: openLine(240),
}).prefs(required)

/** A file of supplies, as text. */
export const suppliesFileSchema = Joi.object({
  csv: Joi.string()
    .max(suppliesLimit * 400)
    .allow('')
    .required()
    .messages({ 'string.max': 'This file is too long for one store cupboard.' }),
})

const closed = Joi.object({ from: day, to: day, name: openLine(60) }).custom(
  (one: { from: string; to: string }, helpers) =>
    one.to < one.from || !isDay(one.to)
      ? helpers.message({ custom: 'These closed days end before they begin.' })
      : one,
)

/** When the school is open. */
export const calendarSchema = Joi.object({
  weekend: Joi.array()
    .items(wholeNumber(0, 6))
    .custom(distinct())
    .max(6)
    .messages({ 'array.max': 'A school is open on at least one day of the week.' }),
  weekendHelp: Joi.boolean().strict(),
  closed: Joi.array()
    .items(closed)
    .max(400)
    .messages({ 'array.max': 'A calendar has at most 400 lines of closed days.' }),
}).prefs(required)

/** A calendar file, as text. */
export const calendarFileSchema = Joi.object({
  text: Joi.string().max(1_000_000).allow('').required().messages({
    'string.max': 'This calendar is too long. Save only the holidays.',
  }),
})

/** A group's id, what lies on no tray, or the spares. */
const place = Joi.alternatives(choice('shared', 'spare'), id).messages({
  'alternatives.match': 'This is not a place to pack. Reload the page.',
})

/** What has been packed since, cell by cell. */
export const ticksSchema = Joi.object({
  ticks: Joi.array()
    .items(Joi.object({ materialId: localId, place, amount: amount(0, most) }))
    .min(1)
    .max(600)
    .messages({ 'array.max': 'These are too many ticks at once.', 'array.min': 'Nothing was ticked.' }),
}).prefs(required)

/** What came back, line by line. */
export const countsSchema = Joi.object({
  counts: Joi.array()
    .items(Joi.object({ materialId: localId, back: amount(0, most), broken: amount(0, most) }))
    .min(1)
    .max(200)
    .custom(distinct('materialId'))
    .messages({ 'array.unique': 'One thing is counted twice.', 'array.min': 'Nothing was counted.' }),
}).prefs(required)

/** That the school's own risk assessment has been checked, for the plan of a version. */
export const confirmationSchema = Joi.object({
  initials: line(6)
    .pattern(/^\p{L}[\p{L}.\- ]*$/u)
    .messages({
      'string.pattern.base': 'Type your initials, like AB.',
      'string.empty': 'Type your initials, like AB.',
    }),
  version: wholeNumber(0, Number.MAX_SAFE_INTEGER),
}).prefs(required)
