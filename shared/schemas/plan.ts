import type { AlternativesSchema, Schema } from 'joi'
import { planLimits, type Aim, type Plan } from '#core/plan'
import { units } from '#core/quantity'
import { recordingNow, ways, type WayOption } from '#core/recording'
import { hazardIds } from '#core/catalogue'
import { amount, choice, id, localId, openLine, wholeNumber } from './common'
import { instrumentSchema } from './instrument'
import { distinct } from './distinct'
import Joi from './joi'

const required = { presence: 'required' } as const
const most = 1e6
const list = (item: Schema, limit: number, what: string) =>
  Joi.array()
    .items(item)
    .max(limit)
    .messages({
      'array.max': `There are too many ${what}. Use at most ${limit}.`,
      'array.base': `The ${what} must be a list.`,
    })

const level = Joi.object({
  id: localId,
  name: openLine(60),
  value: amount(-most, most).allow(null),
  baseline: Joi.boolean().strict(),
  picture: id.allow(null).optional().default(null),
})

const changed = Joi.object({
  name: openLine(80),
  kind: choice('number', 'kinds'),
  unit: choice(...units).allow(null),
  range: Joi.object({
    least: amount(-most, most),
    greatest: amount(-most, most)
      .greater(Joi.ref('least'))
      .messages({ 'number.greater': 'The set-up must reach further than where it starts.' }),
  })
    .allow(null)
    .optional()
    .default(null),
})

const levels = list(level, planLimits.levels, 'levels').custom(distinct('id'))

const keptSame = Joi.object({
  id: localId,
  name: openLine(80),
  how: openLine(160),
  was: Joi.object({ changed, levels }).allow(null).optional().default(null),
})

const property = Joi.object({
  id: localId,
  name: openLine(60),
  at: Joi.object().pattern(localId, openLine(60)).max(planLimits.levels),
})

const was = Joi.object({ changed, levels }).allow(null).optional()
const ideas = list(Joi.object({ id: localId, name: openLine(80), was }), planLimits.ideas, 'cards').custom(
  distinct('id'),
)

/**
 * What each way of recording needs to be told, from the ways themselves. Ways may share an option, which then goes by the way that
 * is chosen.
 */
const kinds = ways.map((way) => way.kind)
const recordings = Joi.alternatives().conditional('.kind', {
  switch: ways.map(({ kind, options }) => ({
    is: kind,
    then: Joi.object({
      kind: choice(kind),
      ...Object.fromEntries(options.map((option) => [option.name, optionSchema(option)])),
      ...(kind === 'measure' ? { was: choice(...kinds).optional() } : {}),
    }),
  })),
  otherwise: Joi.object({ kind: choice(...kinds) }),
})
/** Files and pages of an earlier version say it their own way. */
const recording = (
  Joi.extend({
    type: 'recording',
    base: recordings,
    coerce: {
      from: 'object',
      method: (value: unknown) => ({ value: recordingNow(value) }),
    },
  }) as { recording: () => AlternativesSchema }
).recording()

function optionSchema(option: WayOption): Schema {
  switch (option.kind) {
    case 'whole':
      return wholeNumber(option.least, option.greatest).presence(option.optional ? 'optional' : 'required')
    case 'words':
      return list(openLine(option.letters).invalid(...(option.reserved ?? [])), option.most, 'words')
        .custom(distinct())
        .min(option.fewest ?? 0)
        .messages({
          'array.min': `Give at least ${option.fewest ?? 0} of these.`,
          'any.invalid': 'This is what the way of recording calls it itself. Choose another word.',
        })
        .presence(option.optional ? 'optional' : 'required')
    case 'numbers':
      return list(amount(option.least, option.greatest), option.most, 'times')
        .min(2)
        .messages({ 'array.min': 'Give at least 2 of these.' })
        .custom(distinct())
        .sort()
    case 'choice':
      return choice(...option.choices.map(([value]) => value))
    case 'second':
      return Joi.object({
        name: openLine(30).required(),
        unit: choice(...units).required(),
        instrument: instrumentSchema.required(),
      }).optional()
    case 'own-word':
      return openLine(option.letters)
    case 'amount':
      return amount(-most, most).optional()
  }
}

const cm = amount(0.1, 100000)
const millilitres = amount(1, 1e6)
const made = Joi.alternatives()
  .conditional('.kind', {
    switch: [
      {
        is: 'solution',
        then: Joi.object({
          kind: 'solution',
          of: openLine(80),
          unit: choice('g', 'mL'),
          amount: amount(0, most),
          inMillilitres: millilitres,
        }),
      },
      {
        is: 'series',
        then: Joi.object({
          kind: 'series',
          of: openLine(80),
          unit: choice('g', 'mL'),
          inMillilitres: millilitres,
        }),
      },
      {
        is: 'pieces',
        then: Joi.object({
          kind: 'pieces',
          width: cm,
          height: cm,
          from: openLine(120),
          sheetWidth: cm,
          sheetHeight: cm,
        }),
      },
      {
        is: 'lengths',
        then: Joi.object({ kind: 'lengths', length: cm, from: openLine(120), stickLength: cm }),
      },
    ],
    otherwise: Joi.forbidden(),
  })
  .allow(null)

const material = Joi.object({
  id: localId,
  name: openLine(80),
  amount: amount(0, 100000),
  unit: openLine(20),
  per: choice('class', 'turns', 'group', 'child', 'level', 'try', 'level-try', 'value'),
  use: choice('reused', 'used-up'),
  spare: Joi.object({ kind: choice('percent', 'number'), value: amount(0, 1000) }),
  // Plans written before kits were derived say nothing of these.
  level: localId.allow(null).optional().default(null),
  place: choice('tray', 'front', 'teacher').optional().default('tray'),
  made: made.optional().default(null),
})

const preparing = Joi.object({
  id: localId,
  what: openLine(120),
  nights: wholeNumber(0, 120),
  keeps: wholeNumber(0, 365).allow(null),
})

/** A plan as it is saved: it may be unfinished, but every part is of the right kind and size. */
export const planSchema = Joi.object<Plan & { aim?: Aim }>({
  title: openLine(120),
  question: openLine(300),
  best: choice('most', 'least').allow(null),
  aim: choice('compare', 'improve').optional(),
  // Plans written before there were more ways of recording say nothing of these.
  recording: recording.optional().default({ kind: 'measure' }),
  ideas: Joi.object({ change: ideas, measure: ideas }).optional().default({ change: [], measure: [] }),
  changed,
  levels,
  properties: list(property, planLimits.properties, 'properties')
    .custom(distinct('id'))
    .optional()
    .default([]),
  measured: Joi.object({ name: openLine(80), unit: choice(...units), instrument: instrumentSchema }),
  keptSame: list(keptSame, planLimits.keptSame, 'things to keep the same').custom(distinct('id')),
  tries: wholeNumber(0, planLimits.tries),
  practiceTries: wholeNumber(0, planLimits.practiceTries),
  summary: choice('mean', 'median', 'most-common', 'none'),
  rounding: choice('mark', 'half-mark'),
  whoTests: choice('all-levels', 'shared-levels', 'whole-class', 'stations', 'at-home'),
  levelOrder: choice('same', 'own'),
  prediction: Joi.object({
    format: choice('direction', 'order', 'number', 'choice'),
    because: Joi.boolean().strict(),
    who: choice('child', 'group', 'class').optional().default('group'),
  }),
  materials: list(material, planLimits.materials, 'materials').custom(distinct('id')),
  leftOut: list(localId, 100, 'lines taken out').custom(distinct()).optional().default([]),
  preparing: list(preparing, planLimits.preparing, 'things to prepare')
    .custom(distinct('id'))
    .optional()
    .default([]),
  hazards: list(choice(...hazardIds), hazardIds.length, 'hazards').custom(distinct()),
  steps: list(openLine(240), planLimits.steps, 'steps'),
  workOut: choice('children', 'shown').optional(),
  // Plans written before rehearsals say nothing of this.
  expected: Joi.object({ first: amount(-most, most), last: amount(-most, most), apart: amount(0, most) })
    .allow(null)
    .optional()
    .default(null),
})
  .prefs(required)
  .custom(withoutAim)
  .messages({
    'object.base': 'The plan is missing or damaged.',
    'array.unique': 'The same line stands here twice.',
  })

/** Plans of an earlier version said twice that a design is improved in rounds; now the way of recording does. */
function withoutAim({ aim, ...plan }: Plan & { aim?: Aim }): Plan {
  const { kind } = plan.recording
  if (aim === 'improve' && kind !== 'rounds') return { ...plan, recording: { kind: 'rounds' } }
  if (aim === 'compare' && kind === 'rounds') return { ...plan, recording: { kind: 'measure', was: kind } }
  return plan
}
