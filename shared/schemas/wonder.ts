import Joi from 'joi'
import { noteKinds, questionSorts, wonderLimits } from '#core/wonder'
import { choice, id, line } from './common'

/** A note without its identifier, which is in the address. */
export const noteSchema = Joi.object({
  kind: choice(...noteKinds).required(),
  text: line(wonderLimits.noteLetters).required(),
  sort: choice(...questionSorts)
    .allow(null)
    .required(),
  settled: Joi.boolean().strict().required(),
})

export const stimulusSchema = Joi.object({
  text: Joi.string()
    .trim()
    .allow('')
    .max(wonderLimits.stimulusLetters)
    .required()
    .messages({ 'string.max': `This is too long. Use at most ${wonderLimits.stimulusLetters} letters.` }),
  picture: id.allow(null).required(),
})
