import Joi from 'joi'
import { planLimits, type Plan } from '#core/plan'
import { units } from '#core/quantity'
import { hazardIds } from '#core/safety'
import { amount, choice, localId, openLine, wholeNumber } from './common'

const required = { presence: 'required' } as const
const most = 1e6
const list = (item: Joi.Schema, limit: number, what: string) =>
  Joi.array()
    .items(item)
    .max(limit)
    .messages({
      'array.max': `There are too many ${what}. Use at most ${limit}.`,
      'array.base': `The ${what} must be a list.`,
    })

const instrument = Joi.object({
  name: openLine(60),
  unit: choice(...units),
  smallestMark: amount(0.0001, most),
  numberedEvery: amount(0.0001, most),
  least: amount(-most, most),
  greatest: amount(-most, most)
    .greater(Joi.ref('least'))
    .messages({ 'number.greater': 'The scale must end above where it starts.' }),
  secondsPerReading: amount(0, 86400),
})

const level = Joi.object({
  id: localId,
  name: openLine(60),
  value: amount(-most, most).allow(null),
  baseline: Joi.boolean(),
})

const material = Joi.object({
  id: localId,
  name: openLine(80),
  amount: amount(0, 100000),
  unit: openLine(20),
  per: choice('class', 'group', 'child', 'level', 'try', 'level-try'),
  use: choice('reused', 'used-up'),
  spare: Joi.object({ kind: choice('percent', 'number'), value: amount(0, 1000) }),
})

/** A plan as it is saved: it may be unfinished, but every part is of the right kind and size. */
export const planSchema = Joi.object<Plan>({
  title: openLine(120),
  question: openLine(300),
  best: choice('most', 'least').allow(null),
  changed: Joi.object({
    name: openLine(80),
    kind: choice('number', 'kinds'),
    unit: choice(...units).allow(null),
  }),
  levels: list(level, planLimits.levels, 'levels').unique('id'),
  measured: Joi.object({ name: openLine(80), unit: choice(...units), instrument }),
  keptSame: list(
    Joi.object({ id: localId, name: openLine(80), how: openLine(160) }),
    planLimits.keptSame,
    'things to keep the same',
  ).unique('id'),
  tries: wholeNumber(0, planLimits.tries),
  practiceTries: wholeNumber(0, planLimits.practiceTries),
  summary: choice('mean', 'median', 'most-common', 'none'),
  rounding: choice('mark', 'half-mark'),
  whoTests: choice('all-levels', 'shared-levels', 'whole-class'),
  levelOrder: choice('same', 'own'),
  prediction: Joi.object({
    format: choice('direction', 'order', 'number', 'choice'),
    because: Joi.boolean(),
  }),
  materials: list(material, planLimits.materials, 'materials').unique('id'),
  hazards: list(choice(...hazardIds), hazardIds.length, 'hazards').unique(),
  steps: list(openLine(240), planLimits.steps, 'steps'),
  // Plans written before rehearsals say nothing of this.
  expected: Joi.object({ first: amount(-most, most), last: amount(-most, most), apart: amount(0, most) })
    .allow(null)
    .optional()
    .default(null),
})
  .prefs(required)
  .messages({
    'object.base': 'The plan is missing or damaged.',
    'array.unique': 'The same line stands here twice.',
  })
