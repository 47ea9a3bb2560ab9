import type { Plan } from '#core/plan'
import { planSchema, validate } from '#shared/schemas'
import { ApiError } from '../errors/apiError'
import { readInThread } from '../threads/inThread'

/** An investigation file that can be used: its plan, and its pictures in base64. */
export interface ReadInvestigation {
  plan: Plan
  pictures: Record<string, string>
}

/**
 * Reads the text of an investigation file.
 * @throws ApiError with what to do where it can't be used
 */
export async function readInvestigation(text: string): Promise<ReadInvestigation> {
  const opened = await readInThread('openInvestigation', text)
  if (!opened.ok) throw new ApiError('invalid', opened.message, [{ path: 'text', message: opened.message }])
  const checked = validate(planSchema, opened.plan)
  if (!checked.ok) {
    const [first] = checked.fields
    throw new ApiError(
      'invalid',
      `The plan in this file can’t be used. ${first ? `At “${first.path || 'plan'}”: ${first.message}` : ''}`,
      checked.fields.map((field) => ({ ...field, path: `plan.${field.path}` })),
    )
  }
  return { plan: checked.value, pictures: opened.pictures }
}
