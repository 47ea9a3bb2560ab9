import type { CustomHelpers } from 'joi'
import { units, type Unit } from '#core/quantity'
import Joi from './joi'
import { choice } from './typed'

/** A one-line text that is trimmed and must not be empty. */
export const line = (most: number) =>
  Joi.string().trim().max(most).custom(withoutNul).messages(textMessages(most))
/** A one-line text that may stay empty while a plan is being written. */
export const openLine = (most: number) => line(most).allow('')
/** As the database writes it, so that the same one is never told for another. */
export const id = Joi.string().lowercase().guid({ separator: '-', wrapper: false }).messages({
  'string.guid': 'This is not an identifier we know.',
  'string.base': 'This is not an identifier we know.',
})
/** Levels and list lines inside a plan are named by the plan itself, so starters may use short words. */
export const localId = Joi.string()
  .pattern(/^[\w-]{1,64}$/)
  .messages({ 'string.pattern.base': 'This is not an identifier we know.' })
export const day = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/)
  .custom((text: string, helpers) => {
    const at = Date.parse(`${text}T00:00:00Z`)
    const isDay = isOfOurTime(at) && new Date(at).toISOString().slice(0, 10) === text
    return isDay ? text : helpers.error('string.pattern.base')
  })
  .messages({ 'string.pattern.base': 'Write the day as year-month-day, like 2026-03-09.' })
/**
 * When something happened, by the clock of a device. One that has lost its time says 1970: what it saw is kept all the same, at the time
 * at which it comes.
 */
export const moment = Joi.string()
  .isoDate()
  .custom((text: string) => (isOfOurTime(Date.parse(text)) ? text : new Date().toISOString()))

const ourTime = { from: Date.UTC(1990, 0, 1), until: Date.UTC(2200, 0, 1) }
const isOfOurTime = (at: number) => at >= ourTime.from && at < ourTime.until

export const wholeNumber = (least: number, most: number) =>
  Joi.number()
    .strict()
    .integer()
    .min(least)
    .max(most)
    .messages({
      'number.base': `Use a whole number from ${least} to ${most}.`,
      'number.integer': `Use a whole number from ${least} to ${most}.`,
      'number.min': `Use a whole number from ${least} to ${most}.`,
      'number.max': `Use a whole number from ${least} to ${most}.`,
      'number.unsafe': `Use a whole number from ${least} to ${most}.`,
    })
export const amount = (least: number, most: number) =>
  Joi.number()
    .strict()
    .min(least)
    .max(most)
    .messages({
      'number.base': 'Type a number here.',
      'number.min': `This must be at least ${least}.`,
      'number.max': `This must be at most ${most}.`,
      'number.unsafe': `This must be at most ${most}.`,
    })

/** A unit that somebody may measure in. */
export const unit = choice<Unit>(...units)

/** A text of a file, which may be empty; `tooLong` says what to do about one that is longer. */
export const fileText = (most: number, tooLong: string) =>
  Joi.string().max(most).allow('').messages({ 'string.max': tooLong })

/** A database keeps every sign but this one. */
function withoutNul(text: string, helpers: CustomHelpers<string>) {
  return text.includes('\0')
    ? helpers.message({ custom: 'There’s a character in this text that we can’t keep. Type it again.' })
    : text
}

function textMessages(most: number) {
  return {
    'string.base': 'Write some words here.',
    'string.empty': 'Write some words here.',
    'any.required': 'Write some words here.',
    'string.max': `This is too long. Use at most ${most} letters.`,
  }
}
