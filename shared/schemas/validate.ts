import type Joi from 'joi'

/** One thing that is wrong with what was sent, and where. */
export interface FieldProblem {
  /** The way to the field: "groups.2.name"; empty for the whole. */
  path: string
  message: string
}

/** What checking came to: the value with defaults filled in, or everything that is wrong with it. */
export type Validated<T> = { ok: true; value: T } | { ok: false; fields: FieldProblem[] }

/**
 * Checks anything from outside against a schema. Fields the schema does not know are refused, numbers are
 * not guessed from texts, and all problems are reported at once.
 */
export function validate<T>(schema: Joi.Schema<T>, input: unknown): Validated<T> {
  const { value, error } = schema.validate(input, {
    abortEarly: false,
    convert: true,
    errors: { wrap: { label: '“' } },
  })
  if (!error) return { ok: true, value: value as T }
  return { ok: false, fields: error.details.map(({ path, message }) => ({ path: path.join('.'), message })) }
}
