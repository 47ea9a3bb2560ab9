import { firstOf, lastOf } from '../defined'

/** Why a text cannot stand as a pupil's name, with what could stand instead, or null when it can. */
export interface NameProblem {
  message: string
  suggestion: string | null
}

/**
 * Checks that a pupil goes by a first name or initials and nothing more. A first name may be double
 * ("Anna-Lena", "Mary Jo" of up to three letters more) or carry an initial ("Sam T"); a longer second word
 * looks like a family name.
 * @example firstNameProblem('Sam Taylor') // { message: …, suggestion: 'Sam T' }
 */
export function firstNameProblem(text: string): NameProblem | null {
  const name = text.trim().replace(/\s+/g, ' ')
  if (!/\p{L}/u.test(name)) return { message: 'Type a first name.', suggestion: null }
  if (name.length > 24)
    return {
      message: 'This is too long for a first name. Use at most 24 letters.',
      suggestion: firstOf(name.split(' ')).slice(0, 24),
    }
  const [first, ...rest] = name.split(' ')
  if (rest.every((word) => word.replace('.', '').length <= 3)) return null
  return {
    message: 'Only first names are kept here, with an initial where two are alike.',
    suggestion: `${first} ${lastOf(rest).charAt(0)}`,
  }
}
