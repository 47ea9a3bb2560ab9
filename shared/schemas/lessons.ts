import { investigationLetters } from '#core/format'
import { stages } from '#core/lesson'
import { day, id, localId, openLine, wholeNumber } from './common'
import { distinct } from './distinct'
import type { StringSchema } from 'joi'
import Joi from './joi'
import { planSchema } from './plan'
import { byKind, choice, list, object, optional, yesOrNo } from './typed'

/** A pupil's id, or a seat of a group. */
export const memberId = Joi.string()
  .pattern(/^[0-9a-f-]{36}(?:#\d{1,2})?$/)
  .messages({ 'string.pattern.base': 'We don’t know this child.' }) as StringSchema<string>

/** A new lesson starts from a starter, a saved investigation or one in the school's folder, an earlier lesson, the next question of one, or a question of one's own. */
export const newLessonSchema = object({
  classId: id,
  date: day,
  from: byKind({
    starter: { id: localId },
    investigation: { id },
    file: { name: openLine(255) },
    lesson: { id },
    next: { id, question: openLine(300) },
    question: { question: openLine(300) },
  }),
})

export const lessonChangeSchema = object({
  date: optional(day),
  stage: optional(choice(...stages)),
  /** Whether testing is over. */
  finished: optional(yesOrNo()),
}).min(1)

export const planChangeSchema = object({
  /** Sent twice under one id, a save is done once. */
  save: optional(id),
  plan: planSchema,
  version: wholeNumber(0, Number.MAX_SAFE_INTEGER),
})

/** The groups that get a test of their own. */
export const partSchema = object({
  groupIds: list(id, 1000).min(1).custom(distinct()).messages({ 'array.min': 'Choose at least one group.' }),
})

/** An investigation file, as text. */
export const importSchema = object({
  text: Joi.string().max(investigationLetters).messages({
    'string.max': 'This file is too large for an investigation.',
    'string.empty': 'The file is empty.',
  }),
})

/** The children who are absent today: pupils, or seats of groups that name nobody. */
export const absentSchema = object({
  absent: list(memberId, 500)
    .custom(distinct())
    .messages({ 'array.max': 'That is more children than a class has.' }),
})
