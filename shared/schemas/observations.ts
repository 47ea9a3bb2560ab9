import { observationKinds, observationLimits } from '#core/observation'
import type { EntrySource } from '#core/entries'
import { id, localId, moment, openLine, wholeNumber } from './common'
import { mostTries } from './entries'
import Joi from './joi'
import { choice, object, optional, orNull, rule, yesOrNo } from './typed'

/** The most bytes of a picture; screens shrink photos to far less before sending. */
export const pictureLimit = 3_000_000

const kind = choice(...observationKinds)
const text = openLine(observationLimits.letters)

/** A photo or sketch in base64. */
const picture = Joi.string()
  .base64()
  .max(Math.ceil(pictureLimit / 3) * 4)
  .messages({
    'string.base64': 'This is not a picture we can show. Choose a JPEG, PNG or WebP picture.',
    'string.max': 'This picture is too large. Take it again with less detail.',
  })

export const observedFields = {
  groupId: orNull(id),
  kind,
  text,
  about: orNull(
    object({ levelId: orNull(localId), tryNumber: wholeNumber(1, mostTries), moment: openLine(64) }),
  ),
  seenAt: moment,
}

/** A new observation without its identifier, which is in the address. */
export const observationSchema = object({
  ...observedFields,
  source: choice<EntrySource>('sheet', 'desk'),
  picture: orNull(picture),
}).custom(
  rule((one: { text: string; picture: string | null }) =>
    one.text === '' && one.picture === null ? 'Write what was seen, or add a photo or a sketch.' : null,
  ),
)

/** What may become of an observation. */
export const observationChangeSchema = object({
  kind: optional(kind),
  text: optional(text),
  onBoard: optional(yesOrNo()),
  removed: optional(yesOrNo()),
}).min(1)
