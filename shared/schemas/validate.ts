import type { AnySchema, ValidationError } from 'joi'
import type { Given } from './typed'

/** One thing that is wrong with what was sent, and where. */
export interface FieldProblem {
  /** The way to the field: "groups.2.name"; empty for the whole. */
  path: string
  message: string
}

/** What checking came to: the value with defaults filled in, or what is wrong with it. */
export type Validated<T> = { ok: true; value: T } | { ok: false; fields: FieldProblem[] }

/** More problems than anybody reads at once. */
const mostProblems = 20

/**
 * Checks anything from outside against a schema. Fields the schema does not know are refused, numbers are
 * not guessed from texts, and up to twenty problems are reported at once.
 */
export function validate<Of extends AnySchema>(schema: Of, input: unknown): Validated<Given<Of>> {
  const { value, error }: { value?: unknown; error?: ValidationError } = schema.validate(input, {
    abortEarly: false,
    convert: true,
    errors: { wrap: { label: '“' } },
  })
  if (!error) return { ok: true, value: value as Given<Of> }
  const first = error.details.slice(0, mostProblems)
  return { ok: false, fields: first.map(({ path, message }) => ({ path: path.join('.'), message })) }
}
