import { noteKinds, questionSorts, wonderLimits } from '#core/wonder'
import { choice, id, line, openLine } from './common'
import Joi from './joi'

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
  text: openLine(wonderLimits.stimulusLetters).required(),
  picture: id.allow(null).required(),
})
