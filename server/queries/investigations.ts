import { desc, eq } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { picturesIn, withPictures } from '#core/format'
import type { Plan } from '#core/plan'
import { starters } from '#starters'
import { planSchema, validate } from '#shared/schemas'
import type { InvestigationDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { investigations } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'
import { readInThread } from '../threads/inThread'
import { drawPicture, keepPicture } from './pictures'

/**
 * Everything that a new lesson can start from: the starters that ship, then the school's own. A question
 * that somebody has only begun with is no plan to start from.
 */
export async function listInvestigations(db: Database): Promise<InvestigationDto[]> {
  const rows = await db.select().from(investigations).orderBy(desc(investigations.madeAt))
  return [
    ...starters.map(({ id, plan, about }) => ({
      id,
      kind: 'starter' as const,
      title: plan.title,
      question: plan.question,
      about,
    })),
    ...rows
      .filter((row) => row.starterId === null && row.plan.levels.length > 0)
      .map(({ id, plan }) => ({
        id,
        kind: 'investigation' as const,
        title: plan.title,
        question: plan.question,
        about: '',
      })),
  ]
}

export async function getInvestigationPlan(db: Database, id: string): Promise<Plan> {
  const [row] = await db
    .select({ plan: investigations.plan })
    .from(investigations)
    .where(eq(investigations.id, id))
  if (!row) throw notFound('investigation')
  return row.plan
}

export async function createInvestigation(
  db: Database,
  plan: Plan,
  starterId: string | null,
): Promise<string> {
  const id = newId()
  await db.insert(investigations).values({ id, plan, starterId })
  return id
}

/** Takes in an investigation file; a file that is not whole changes nothing. */
export async function importInvestigation(db: Database, text: string): Promise<{ id: string; plan: Plan }> {
  const opened = await readInThread('openInvestigation', text)
  if (!opened.ok) throw new ApiError('invalid', opened.message, [{ path: 'text', message: opened.message }])
  const checked = validate(planSchema, opened.plan)
  if (!checked.ok) {
    const [first] = checked.fields
    throw new ApiError(
      'invalid',
      `The plan in this file cannot be used. ${first ? `At “${first.path || 'plan'}”: ${first.message}` : ''}`,
      checked.fields.map((field) => ({ ...field, path: `plan.${field.path}` })),
    )
  }
  const drawn = await Promise.all(
    picturesIn(checked.value).flatMap((id) => {
      const picture = opened.pictures[id]
      return picture ? [drawPicture(Buffer.from(picture, 'base64')).then((one) => [id, one] as const)] : []
    }),
  )
  return db.transaction(async (tx) => {
    const kept = new Map<string, string>()
    for (const [id, picture] of drawn) kept.set(id, (await keepPicture(tx, picture)).id)
    const plan = withPictures(checked.value, kept)
    return { id: await createInvestigation(tx, plan, null), plan }
  })
}
