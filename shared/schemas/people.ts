import { day, id, line } from './common'
import Joi from './joi'
import { choice, list, object, optional, orNull, rule } from './typed'

const mixedAlphabets = (name: string) =>
  [/\p{Script=Latin}/u, /\p{Script=Cyrillic}/u, /\p{Script=Greek}/u].filter((one) => one.test(name)).length >
  1

/** A teacher's name as colleagues and the class say it. Letters of two alphabets in one name look like another name. */
const teacherName = line(60)
  .pattern(/\p{L}/u)
  .custom(rule((name: string) => (mixedAlphabets(name) ? 'Write the name in one alphabet, please.' : null)))
  .messages({ 'string.pattern.base': 'Type a name, like Ms Thorne.' })

/** Long enough that nobody guesses it, short enough that nobody keeps the machine busy with it. */
const newPassphrase = Joi.string()
  .min(12)
  .max(200)
  .custom(
    rule((text: string) =>
      new Set(text).size < 5
        ? 'Use more different letters: three or four words make a good passphrase.'
        : null,
    ),
  )
  .messages({
    'string.min': 'Use at least 12 letters. Three or four words make a good passphrase.',
    'string.max': 'Use at most 200 letters.',
    'string.empty': 'Think of a passphrase: three or four words.',
    'any.required': 'Think of a passphrase: three or four words.',
  })

/** What somebody types at the door: whatever it is, it is only compared. */
const typedPassphrase = Joi.string().max(1000).messages({
  'string.max': 'This is longer than any passphrase. Type it again.',
  'string.empty': 'Type your passphrase.',
})

/** The first start: how people come in. Without a first teacher it serves this device only. */
export const setUpSchema = object({
  schoolName: line(80).messages({ 'string.empty': 'What is your school called?' }),
  teacher: orNull(object({ name: teacherName, passphrase: newPassphrase })),
})

export const signInSchema = object({ name: line(60), passphrase: typedPassphrase })

const role = choice<'admin' | 'teacher'>('admin', 'teacher')
export const newTeacherSchema = object({ name: teacherName, passphrase: newPassphrase, role })
export const teacherRoleSchema = object({ role })
/** Another passphrase for a teacher; the old one where they change it themselves. */
export const passphraseSchema = object({ old: optional(typedPassphrase), passphrase: newPassphrase })

/** With whom a class is shared: a colleague or everybody, for good or until a day. */
export const classShareSchema = object({ teacherId: orNull(id), until: orNull(day) })

/** Who gets a class for good. */
export const handOverSchema = object({ teacherId: id })

/** A code as it was read off the board and typed. */
export const joinSchema = object({
  code: Joi.string()
    .max(40)
    .messages({ 'string.max': 'A code has six letters and digits.', 'string.empty': 'Type the code.' }),
})
export const deviceGroupsSchema = object({
  groupIds: list(id, 2).messages({ 'array.max': 'At most two groups share a tablet.' }),
})
export const linkSchema = object({ kind: choice<'board' | 'assistant'>('board', 'assistant') })
export const openLinkSchema = object({
  secret: Joi.string().max(100).messages({ 'string.max': 'This link isn’t complete. Ask for it again.' }),
})
