import type { ApiProblem } from '#shared/types/api'
import type { FieldProblem } from '#shared/schemas'

type Code = ApiProblem['error']['code']

/** The HTTP status of each kind of problem. */
export const statusOf: Record<Code, number> = {
  invalid: 400,
  'set-up': 401,
  'sign-in': 401,
  'not-allowed': 403,
  'not-found': 404,
  conflict: 409,
  'too-large': 413,
  waits: 409,
  busy: 429,
  failed: 500,
}

/** A problem that is told to whoever asked, in words that say what to do. */
export class ApiError extends Error {
  constructor(
    readonly code: Code,
    message: string,
    readonly fields: FieldProblem[] = [],
  ) {
    super(message)
    this.name = 'ApiError'
  }

  toBody(): ApiProblem {
    return { error: { code: this.code, message: this.message, fields: this.fields } }
  }
}

export const notFound = (what: string) =>
  new ApiError('not-found', `This ${what} is not here. It may have been removed.`)
