import type { CupboardInstrument } from '#core/instrument'
import { planLimits } from '#core/plan'
import { unitDefinition, type Unit } from '#core/quantity'
import { choice, line, localId, wholeNumber } from './common'
import { instrumentFields } from './instrument'
import { distinct, nameKey } from './distinct'
import Joi from './joi'

const required = { presence: 'required' } as const
const forAge = Joi.object({
  tries: wholeNumber(1, planLimits.tries),
  summary: choice('mean', 'median', 'most-common', 'none'),
})

/** How a school usually works. */
export const waysSchema = Joi.object({
  vocabulary: choice('plain', 'formal', 'tested'),
  units: choice('metric', 'customary'),
  practiceTries: wholeNumber(0, planLimits.practiceTries),
  rounding: choice('mark', 'half-mark'),
  whoTests: choice('all-levels', 'shared-levels', 'whole-class', 'stations', 'at-home'),
  prediction: Joi.object({ who: choice('child', 'group', 'class'), because: Joi.boolean().strict() }),
  byAge: Joi.object({ '5-7': forAge, '7-9': forAge, '9-11': forAge }),
  paper: choice('A4', 'Letter').optional().default('A4'),
}).prefs(required)

const instrument = Joi.object({
  id: localId,
  name: line(60),
  ...instrumentFields,
  howMany: wholeNumber(0, 999),
  dimension: Joi.string(),
}).custom((one: CupboardInstrument, helpers) => {
  if (one.smallestMark > one.greatest - one.least)
    return helpers.message({ custom: 'The marks must be closer together than the scale is long.' })
  return { ...one, dimension: unitDefinition(one.unit as Unit).dimension }
})

/** The instruments of a school: at least one, each with a name of its own. */
export const cupboardSchema = Joi.object({
  cupboard: Joi.array()
    .items(instrument)
    .min(1)
    .max(60)
    .custom(distinct('id'))
    .custom(distinct(nameKey))
    .messages({
      'array.min': 'Keep at least one instrument in the cupboard.',
      'array.max': 'A cupboard lists at most 60 instruments.',
      'array.unique': 'Two instruments have the same name. Call one of them something else.',
    }),
}).prefs(required)
