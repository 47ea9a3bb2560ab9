import { investigationLetters } from '#core/format'
import { planLimits } from '#core/plan'
import { units } from '#core/quantity'
import type { Entry, OldReading } from '#core/record'
import { amount, choice, day, id, line, localId, openLine, wholeNumber, moment } from './common'
import { planSchema } from './plan'
import { distinct } from './distinct'
import Joi from './joi'

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
    .custom(distinct())
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

/** Practice does not count; a repeat stays in its slot; so tries hardly go beyond the plan's. */
export const mostTries = planLimits.tries + 10
const source = choice('sheet', 'desk', 'import').required()
const given = choice('typed', 'chosen', 'suggested')
const status = choice('counted', 'set-aside').required()
const atOnce = { 'array.max': 'Send at most 400 entries at once.' }

const entry = Joi.object({
  id: id.required(),
  groupId: id.required(),
  levelId: localId.allow(null).required(),
  tryNumber: wholeNumber(1, mostTries).required(),
  moment: openLine(64).required(),
  fields: Joi.object()
    .pattern(
      localId,
      Joi.object({
        typed: openLine(200).required(),
        given: given.required(),
        // An order of levels holds their identifiers.
        value: Joi.alternatives(amount(-1e6, 1e6), line(planLimits.levels * 70)).required(),
      }),
    )
    .max(planLimits.levels)
    .required(),
  note: openLine(160).required(),
  readWith: Joi.object({
    instrument: openLine(60).required(),
    unit: choice(...units).required(),
    mark: amount(1e-9, 1e6).required(),
  })
    .allow(null)
    .required(),
  status,
  reason: openLine(160).required(),
  source,
  takenAt: moment.required(),
  supersedes: id.allow(null).required(),
}).custom((one: Entry, helpers) => {
  if (one.status === 'counted' && Object.keys(one.fields).length === 0)
    return helpers.message({ custom: 'What counts needs something that was seen.' })
  if (one.status === 'set-aside' && one.reason === '')
    return helpers.message({ custom: 'Say why this try does not count.' })
  return one
})

export const entriesSchema = Joi.object({
  entries: Joi.array().items(entry).min(1).max(400).custom(distinct('id')).required().messages(atOnce),
})

/** One number for each try, as pages of an earlier version send it. */
const oldReading = Joi.object({
  id: id.required(),
  groupId: id.required(),
  levelId: localId.required(),
  tryNumber: wholeNumber(1, mostTries).required(),
  value: amount(-1e6, 1e6).allow(null).required(),
  typed: openLine(60).required(),
  // Readings that waited on a device since before this was told were typed.
  given: given.default('typed'),
  status,
  reason: openLine(160).required(),
  source,
  takenAt: moment.required(),
  supersedes: id.allow(null).required(),
}).custom((one: OldReading, helpers) => {
  if (one.status === 'counted' && one.value === null)
    return helpers.message({ custom: 'A counted reading needs a number.' })
  if (one.status === 'set-aside' && one.reason === '')
    return helpers.message({ custom: 'Say why this try does not count.' })
  return one
})

export const oldReadingsSchema = Joi.object({
  readings: Joi.array().items(oldReading).min(1).max(400).custom(distinct('id')).required().messages(atOnce),
})

const claimSchema = Joi.object({
  subject: choice('trend', 'most', 'least', 'pair').required(),
  comparison: choice('more', 'less', 'same').required(),
  levelIds: Joi.array().items(localId).max(planLimits.levels).custom(distinct()).default([]),
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
    .custom(distinct())
    .required()
    .messages({ 'array.min': 'Choose at least one group.' }),
})

export const importSchema = Joi.object({
  text: Joi.string().max(investigationLetters).required().messages({
    'string.max': 'This file is too large for an investigation.',
    'string.empty': 'The file is empty.',
  }),
})
