import { createHash, randomBytes, randomInt } from 'node:crypto'

/** A secret that nobody guesses, as it travels in a cookie or a link. */
export const newSecret = (): string => randomBytes(32).toString('base64url')

/** What is kept of a secret: whoever reads the database, or a backup of it, cannot come in with that. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex')

/** No vowels and nothing read as one, so that no word comes out; and of signs that look or sound alike only one. */
const codeSigns = 'CDFHJKMNPQRTVWX2346789'
const codeLength = 6

/** A code that is read off a board and typed by children: six signs, about 113 million codes. */
export const newCode = (): string =>
  Array.from({ length: codeLength }, () => codeSigns[randomInt(codeSigns.length)]).join('')

/**
 * A code as it was typed, in one way of writing; null where it cannot be one.
 * @example readCode('hk4 7pq') // 'HK47PQ'
 */
export function readCode(typed: string): string | null {
  const code = typed.toUpperCase().replace(/[\s.-]/g, '')
  return code.length === codeLength && [...code].every((sign) => codeSigns.includes(sign)) ? code : null
}
