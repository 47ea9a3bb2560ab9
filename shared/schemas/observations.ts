import { observationKinds, observationLimits } from '#core/observation'
import { choice, id, localId, moment, openLine, wholeNumber } from './common'
import { mostTries } from './lessons'
import Joi from './joi'

/** The most bytes of a picture; screens shrink photos to far less before sending. */
export const pictureLimit = 3_000_000

const text = openLine(observationLimits.letters)

/** A new observation without its identifier, which is in the address. */
export const observationSchema = Joi.object({
  groupId: id.allow(null).required(),
  kind: choice(...observationKinds).required(),
  text: text.required(),
  about: Joi.object({
    levelId: localId.allow(null).required(),
    tryNumber: wholeNumber(1, mostTries).required(),
    moment: openLine(64).required(),
  })
    .allow(null)
    .required(),
  source: choice('sheet', 'desk').required(),
  seenAt: moment.required(),
  picture: Joi.string()
    .base64()
    .max(Math.ceil(pictureLimit / 3) * 4)
    .allow(null)
    .required()
    .messages({
      'string.base64': 'This is not a picture we can show. Choose a JPEG, PNG or WebP picture.',
      'string.max': 'This picture is too large. Take it again with less detail.',
    }),
}).custom((one: { text: string; picture: string | null }, helpers) =>
  one.text === '' && one.picture === null
    ? helpers.message({ custom: 'Write what was seen, or add a photo or a sketch.' })
    : one,
)

export const observationChangeSchema = Joi.object({
  kind: choice(...observationKinds),
  text,
  onBoard: Joi.boolean().strict(),
  removed: Joi.boolean().strict(),
}).min(1)
