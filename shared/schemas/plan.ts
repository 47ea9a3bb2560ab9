import type { AnySchema } from 'joi'
import {
  comparisonKinds,
  holds,
  planFormat,
  planLimits,
  predictionFormats,
  predictorKinds,
  roundingKinds,
  summaryKinds,
  timesLimits,
  whoTestsKinds,
  type Plan,
  type Recording,
} from '#core/plan'
import { upgradePlan, ways, type WayOption } from '#core/recording'
import { hazardIds } from '#core/catalogue'
import { calledLetters } from '#core/words'
import { amount, id, localId, openLine, unit, wholeNumber } from './common'
import { distinct } from './distinct'
import { instrumentSchema } from './instrument'
import Joi from './joi'
import { byKind, choice, list, named, object, optional, orNull, yesOrNo } from './typed'

const most = 1e6
const many = <Of extends AnySchema>(item: Of, limit: number, what: string) =>
  list(item, limit).messages({
    'array.max': `There are too many ${what}. Use at most ${limit}.`,
    'array.base': `The ${what} must be a list.`,
  })

const level = object({
  id: localId,
  name: openLine(64),
  value: orNull(amount(-most, most)),
  baseline: yesOrNo(),
  picture: orNull(id),
})

const called = object({ more: openLine(calledLetters), less: openLine(calledLetters) })
const changed = object({
  name: openLine(80),
  kind: choice('number', 'kinds'),
  unit: orNull(unit),
  range: orNull(
    object({
      least: amount(-most, most),
      greatest: amount(-most, most)
        .greater(Joi.ref('least'))
        .messages({ 'number.greater': 'The set-up must reach further than where it starts.' }),
    }),
  ),
  called: optional(called),
})

const levels = many(level, planLimits.levels, 'levels').custom(distinct('id'))
const was = orNull(object({ changed, levels }))
const keptSame = object({
  ...{ id: localId, name: openLine(80), how: openLine(160), was },
  loose: optional(yesOrNo()),
})
const property = object({
  id: localId,
  name: openLine(64),
  at: named(localId, openLine(64), planLimits.levels),
  known: optional(yesOrNo()),
})
const idea = object({ id: localId, name: openLine(80), was: optional(was) })
const ideas = many(idea, planLimits.ideas, 'cards').custom(distinct('id'))

/**
 * What each way of recording needs to be told, from the ways themselves: the compiler cannot follow them, so that its type is said here.
 * Ways may share an option, which then goes by the way that is chosen.
 */
const kinds = ways.map((way) => way.kind)
const recording: AnySchema<Recording> = Joi.alternatives().conditional('.kind', {
  switch: ways.map(({ kind, options, keepsFormer }) => ({
    is: kind,
    then: Joi.object({
      kind: choice(kind),
      ...Object.fromEntries(options.map((option) => [option.name, optionSchema(option)])),
      ...(keepsFormer ? { was: optional(choice(...kinds)) } : {}),
    }),
  })),
  otherwise: Joi.object({ kind: choice(...kinds) }),
})

function optionSchema(option: WayOption): AnySchema {
  switch (option.kind) {
    case 'whole':
      return wholeNumber(option.least, option.greatest).presence(option.optional ? 'optional' : 'required')
    case 'words':
      return many(openLine(option.letters).invalid(...(option.reserved ?? [])), option.most, 'words')
        .custom(distinct())
        .min(option.fewest ?? 0)
        .messages({
          'array.min': `Give at least ${option.fewest ?? 0} of these.`,
          'any.invalid': 'The way of recording already uses this word. Choose another one.',
        })
        .presence(option.optional ? 'optional' : 'required')
    case 'numbers':
      return many(amount(option.least, option.greatest), option.most, 'times')
        .min(2)
        .messages({ 'array.min': 'Give at least 2 of these.' })
        .custom(distinct())
        .sort()
    case 'choice':
      return choice(...option.choices.map(([value]) => value))
    case 'second':
      return optional(object({ name: openLine(30), unit, instrument: instrumentSchema }))
    case 'own-word':
      return openLine(option.letters)
    case 'amount':
      return optional(amount(-most, most))
  }
}

const cm = amount(0.1, 100000)
const mixed = { of: openLine(80), unit: choice('g', 'mL'), inMillilitres: amount(1, most) }
const made = orNull(
  byKind({
    solution: { ...mixed, amount: amount(0, most) },
    series: mixed,
    recipe: {
      makes: amount(0, 100000),
      ingredients: many(
        object({ name: openLine(80), unit: choice('g', 'mL'), amount: amount(0, most) }),
        8,
        'things',
      ),
    },
    pieces: {
      width: cm,
      height: cm,
      from: openLine(120),
      sheetWidth: cm,
      sheetHeight: amount(0, 100000),
      round: optional(yesOrNo()),
      hem: optional(amount(0, 100)),
      inches: optional(yesOrNo()),
    },
    lengths: { length: cm, from: openLine(120), stickLength: cm },
  }),
)

const material = object({
  id: localId,
  name: openLine(80),
  amount: amount(0, 100000),
  unit: openLine(20),
  per: choice('class', 'turns', 'group', 'child', 'level', 'try', 'level-try', 'child-try', 'value'),
  use: choice('reused', 'used-up'),
  spare: object({ kind: choice('percent', 'number'), value: amount(0, 1000) }),
  level: orNull(localId),
  place: choice('tray', 'front', 'teacher'),
  made,
})

const preparing = object({
  id: localId,
  what: openLine(120),
  nights: wholeNumber(0, 120),
  keeps: orNull(wholeNumber(0, 365)),
  due: optional(choice('school-days', 'weekday', 'every')),
  exact: optional(yesOrNo()),
})

const stepMinutes = optional(amount(0, timesLimits.step))
const trySeconds = optional(amount(0, timesLimits.seconds))
const times = object({
  lesson: optional(amount(0, timesLimits.lesson)),
  lessons: optional(wholeNumber(1, timesLimits.lessons)),
  talk: stepMinutes,
  predict: stepMinutes,
  handOut: stepMinutes,
  clear: stepMinutes,
  share: stepMinutes,
  build: stepMinutes,
  setUp: trySeconds,
  run: trySeconds,
  reset: trySeconds,
  runAt: optional(named(localId, amount(0, timesLimits.seconds), planLimits.levels)),
  hold: optional(choice(...holds)),
  adults: optional(wholeNumber(1, 20)),
})

const background = object({
  goal: openLine(200),
  science: openLine(800),
  misconceptions: openLine(600),
  questions: openLine(600),
  surprises: openLine(400),
  words: many(
    object({ word: openLine(40), meaning: openLine(160), use: openLine(160) }),
    planLimits.words,
    'words',
  ),
})

/** A plan of this version: it may be unfinished, but every part is of the right kind and size. */
const planNow: AnySchema<Plan> = object({
  formatVersion: Joi.valid(planFormat).messages({
    'any.only': 'This plan was written by a newer Jolly Beaker. Update this one to open it.',
  }) as AnySchema<typeof planFormat>,
  title: openLine(120),
  question: openLine(300),
  best: orNull(choice('most', 'least')),
  recording,
  ideas: object({ change: ideas, measure: ideas }),
  comparison: optional(choice(...comparisonKinds)),
  changed,
  levels,
  properties: many(property, planLimits.properties, 'properties').custom(distinct('id')),
  measured: object({ name: openLine(80), unit, instrument: instrumentSchema, called: optional(called) }),
  keptSame: many(keptSame, planLimits.keptSame, 'things to keep the same').custom(distinct('id')),
  tries: wholeNumber(0, planLimits.tries),
  practiceTries: wholeNumber(0, planLimits.practiceTries),
  summary: choice(...summaryKinds),
  rounding: choice(...roundingKinds),
  whoTests: choice(...whoTestsKinds),
  levelOrder: choice('same', 'own'),
  prediction: object({
    format: choice(...predictionFormats),
    because: yesOrNo(),
    who: choice(...predictorKinds),
    numberFor: optional(object({ levelId: orNull(localId), moment: orNull(openLine(64)) })),
    again: optional(choice('begun', 'parts')),
  }),
  materials: many(material, planLimits.materials, 'materials').custom(distinct('id')),
  leftOut: many(localId, 100, 'lines taken out').custom(distinct()),
  preparing: many(preparing, planLimits.preparing, 'things to prepare').custom(distinct('id')),
  background: optional(background),
  hazards: many(choice(...hazardIds), hazardIds.length, 'hazards').custom(distinct()),
  steps: many(openLine(240), planLimits.steps, 'steps'),
  workOut: optional(choice('children', 'shown')),
  sumUp: optional(choice('children', 'shown')),
  times,
  expected: orNull(object({ first: amount(-most, most), last: amount(-most, most), apart: amount(0, most) })),
}).messages({
  'object.base': 'The plan is missing or damaged.',
  'array.unique': 'This line is listed twice.',
})

/** A plan at the door: files and pages of an earlier version say it their own way, and are understood. */
export const planSchema = (
  Joi.extend({
    type: 'plan',
    base: planNow,
    coerce: { from: 'object', method: (value: unknown) => ({ value: upgradePlan(value) }) },
  }) as { plan: () => AnySchema<Plan> }
).plan()
