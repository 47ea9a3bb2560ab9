import { pictureKeeping, usualPictureRule } from '#core/calendar'
import type { CupboardInstrument } from '#core/instrument'
import { vocabularyKinds } from '#core/class'
import {
  paceLimits,
  papers,
  planLimits,
  predictorKinds,
  roundingKinds,
  summaryKinds,
  timesLimits,
  unitSystems,
  usualWays,
  whoTestsKinds,
} from '#core/plan'
import { unitDefinition } from '#core/quantity'
import { amount, line, localId, wholeNumber } from './common'
import { distinct, nameKey } from './distinct'
import { instrumentFields } from './instrument'
import Joi from './joi'
import { choice, list, object, optional, otherwise, yesOrNo } from './typed'

const forAge = object({
  tries: wholeNumber(1, planLimits.tries),
  summary: choice(...summaryKinds),
  pace: optional(amount(paceLimits.least, paceLimits.greatest)),
})

/** How a school usually works. */
export const waysSchema = object({
  vocabulary: choice(...vocabularyKinds),
  units: choice(...unitSystems),
  practiceTries: wholeNumber(0, planLimits.practiceTries),
  rounding: choice(...roundingKinds),
  whoTests: choice(...whoTestsKinds),
  prediction: object({ who: choice(...predictorKinds), because: yesOrNo() }),
  byAge: object({ '5-7': forAge, '7-9': forAge, '9-11': forAge }),
  paper: otherwise(choice(...papers), 'A4'),
  pictures: otherwise(
    object({ keep: choice(...pictureKeeping), yearEnds: wholeNumber(1, 12) }),
    usualPictureRule,
  ),
  lessonMinutes: otherwise(wholeNumber(5, timesLimits.lesson), usualWays.lessonMinutes),
})

/** What an instrument measures follows from its unit, whatever was sent. */
const instrument = object({
  id: localId,
  name: line(60),
  ...instrumentFields,
  howMany: wholeNumber(0, 999),
  dimension: Joi.string<CupboardInstrument['dimension']>(),
}).custom((one: CupboardInstrument, helpers) => {
  if (one.smallestMark > one.greatest - one.least)
    return helpers.message({ custom: 'The marks must be closer together than the scale is long.' })
  return { ...one, dimension: unitDefinition(one.unit).dimension }
})

/** The instruments of a school: at least one, each with a name of its own. */
export const cupboardSchema = object({
  cupboard: list(instrument, 60).min(1).custom(distinct('id')).custom(distinct(nameKey)).messages({
    'array.min': 'Keep at least one instrument in the cupboard.',
    'array.max': 'A cupboard lists at most 60 instruments.',
    'array.unique': 'Two instruments have the same name. Call one of them something else.',
  }),
})
