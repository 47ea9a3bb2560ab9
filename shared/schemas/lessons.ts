import Joi from 'joi'
import { investigationLetters } from '#core/format'
import { planLimits } from '#core/plan'
import { amount, choice, day, id, line, localId, openLine, wholeNumber } from './common'
import { planSchema } from './plan'

export const stages = ['wonder', 'plan', 'pack', 'test', 'compare', 'conclude'] as const

/** A new lesson starts from a starter, a saved investigation, an earlier lesson, or a question of one's own. */
export const newLessonSchema = Joi.object({
  classId: id.required(),
  date: day.required(),
  from: Joi.object({
    kind: choice('starter', 'investigation', 'lesson', 'question').required(),
    id: localId.when('kind', { is: 'question', then: Joi.forbidden(), otherwise: Joi.required() }),
    question: openLine(300).when('kind', {
      is: 'question',
      then: Joi.required(),
      otherwise: Joi.forbidden(),
    }),
  }).required(),
})

export const lessonChangeSchema = Joi.object({ date: day, stage: choice(...stages) }).min(1)

const version = wholeNumber(0, Number.MAX_SAFE_INTEGER).required()

export const planChangeSchema = Joi.object({ plan: planSchema.required(), version })

const answer = Joi.object({
  format: choice('direction', 'order', 'number', 'choice').required(),
  direction: choice('more', 'less', 'same').when('format', {
    is: 'direction',
    then: Joi.required(),
    otherwise: Joi.forbidden(),
  }),
  levelIds: Joi.array()
    .items(localId)
    .min(1)
    .max(planLimits.levels)
    .unique()
    .when('format', { is: 'order', then: Joi.required(), otherwise: Joi.forbidden() }),
  levelId: localId.when('format', {
    is: Joi.valid('number', 'choice'),
    then: Joi.required(),
    otherwise: Joi.forbidden(),
  }),
  value: amount(-1e6, 1e6).when('format', { is: 'number', then: Joi.required(), otherwise: Joi.forbidden() }),
})

export const predictionSchema = Joi.object({
  seat: wholeNumber(0, 40).default(0),
  answer: answer.required(),
  because: openLine(300).required(),
})

const reading = Joi.object({
  id: id.required(),
  groupId: id.required(),
  levelId: localId.required(),
  tryNumber: wholeNumber(1, planLimits.tries + 10).required(),
  value: amount(-1e6, 1e6).allow(null).required(),
  typed: openLine(60).required(),
  // Readings that waited on a device since before this was told were typed.
  given: choice('typed', 'chosen', 'suggested').default('typed'),
  status: choice('counted', 'set-aside').required(),
  reason: openLine(160).required(),
  source: choice('sheet', 'desk', 'import').required(),
  takenAt: Joi.string().isoDate().required(),
  supersedes: id.allow(null).required(),
}).custom((one: { status: string; value: number | null; reason: string }, helpers) => {
  if (one.status === 'counted' && one.value === null)
    return helpers.message({ custom: 'A counted reading needs a number.' })
  if (one.status === 'set-aside' && one.reason === '')
    return helpers.message({ custom: 'Say why this try does not count.' })
  return one
})

export const readingsSchema = Joi.object({
  readings: Joi.array()
    .items(reading)
    .min(1)
    .max(400)
    .unique('id')
    .required()
    .messages({ 'array.max': 'Send at most 400 readings at once.' }),
})

const claimSchema = Joi.object({
  subject: choice('trend', 'most', 'least', 'pair').required(),
  comparison: choice('more', 'less', 'same').required(),
  levelIds: Joi.array().items(localId).max(planLimits.levels).unique().default([]),
  strength: choice('always', 'mostly', 'think').required(),
  scope: Joi.object({
    kind: choice('tested', 'between', 'everything').required(),
    fromId: localId.when('kind', { is: 'between', then: Joi.required(), otherwise: Joi.forbidden() }),
    toId: localId.when('kind', { is: 'between', then: Joi.required(), otherwise: Joi.forbidden() }),
  }).required(),
})

/** A claim to be checked against a lesson's data, with the class's own words where there are any. */
export const claimCheckSchema = Joi.object({
  claim: claimSchema.required(),
  words: line(400).allow(null, '').default(null),
})

export const conclusionSchema = Joi.object({
  conclusion: Joi.object({
    claim: claimSchema.allow(null).required(),
    ownWords: line(400).allow(null, '').required(),
    dissent: openLine(600).required(),
    better: openLine(600).required(),
    nextQuestion: openLine(300).required(),
  }).required(),
  version,
})

/** The groups that get a test of their own. */
export const partSchema = Joi.object({
  groupIds: Joi.array()
    .items(id)
    .min(1)
    .unique()
    .required()
    .messages({ 'array.min': 'Choose at least one group.' }),
})

export const importSchema = Joi.object({
  text: Joi.string().max(investigationLetters).required().messages({
    'string.max': 'This file is too large for an investigation.',
    'string.empty': 'The file is empty.',
  }),
})
