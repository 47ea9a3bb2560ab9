import Joi from './joi'
import { amount, openLine, unit } from './common'
import { object } from './typed'

const most = 1e6

/** What every instrument says of itself, in a plan or in the cupboard. */
export const instrumentFields = {
  unit,
  smallestMark: amount(0.0001, most),
  numberedEvery: amount(0.0001, most),
  least: amount(-most, most),
  greatest: amount(-most, most)
    .greater(Joi.ref('least'))
    .messages({ 'number.greater': 'The scale must end above where it starts.' }),
  secondsPerReading: amount(0, 86400),
}

/** An instrument as a plan carries it. */
export const instrumentSchema = object({ name: openLine(60), ...instrumentFields })
