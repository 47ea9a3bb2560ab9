import { allergenIds } from '#core/catalogue'
import { ageBands, emblemIds, firstNameProblem, groupLimits } from '#core/class'
import { choice, id, line, wholeNumber } from './common'
import { distinct, nameKey } from './distinct'
import Joi from './joi'

const group = Joi.object({
  id: id.required(),
  name: line(24).required(),
  emblem: choice(...emblemIds).required(),
})

const firstName = line(40).custom((text: string, helpers) => {
  const problem = firstNameProblem(text)
  return problem ? helpers.message({ custom: problem.message }) : text
})

const pupil = Joi.object({
  id: id.required(),
  name: firstName.required(),
  groupId: id.allow(null).required(),
})

/** A class with its groups, and pupils where the teacher wants them. */
export const classSchema = Joi.object({
  name: line(60).required(),
  ageBand: choice(...ageBands).required(),
  vocabulary: choice('plain', 'formal', 'tested').default('plain'),
  groups: Joi.array()
    .items(group)
    .min(groupLimits.fewest)
    .max(groupLimits.most)
    .custom(distinct('emblem'))
    .custom(distinct('id'))
    .custom(distinct(nameKey))
    .required()
    .messages({
      'array.min': `A class works in at least ${groupLimits.fewest} groups.`,
      'array.max': `A class works in at most ${groupLimits.most} groups.`,
      'array.unique': 'Two groups look alike. Give each its own emblem and name.',
    }),
  pupils: Joi.array()
    .items(pupil)
    .max(60)
    .custom(distinct('id'))
    .default([])
    .messages({ 'array.max': 'A class has at most 60 pupils.' }),
  allergies: Joi.array()
    .items(
      Joi.object({ allergen: choice(...allergenIds).required(), children: wholeNumber(0, 60).required() }),
    )
    .custom(distinct('allergen'))
    .default([])
    .messages({ 'array.unique': 'One allergy is listed twice. Put both into one line.' }),
})

export const rosterSchema = Joi.object({
  csv: Joi.string()
    .max(20000)
    .allow('')
    .required()
    .messages({ 'string.max': 'This list is too long for one class.' }),
})
