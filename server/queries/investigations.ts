import { desc, eq } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import { picturesIn, withPictures } from '#core/format'
import type { Plan } from '#core/plan'
import { starters } from '#starters'
import type { InvestigationDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { investigations } from '../database/schema'
import { notFound } from '../errors/apiError'
import { filesInFolder } from './investigationFolder'
import { drawPicture, keepPicture } from './pictures'
import { readInvestigation } from './readInvestigation'

/**
 * Everything that a new lesson can start from: the starters that ship, then the school's own, and those in its folder. A question
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
    ...(await filesInFolder()).map(({ name, plan, problem }) => ({
      id: name,
      kind: 'file' as const,
      title: plan?.title || name,
      question: plan?.question ?? '',
      about: problem ?? '',
      isBroken: problem !== null,
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

/**
 * Takes in an investigation file; a file that is not whole changes nothing.
 * @param origin where it came from, if it is not to be listed as one of the school's own
 */
export async function importInvestigation(
  db: Database,
  text: string,
  origin: string | null = null,
): Promise<{ id: string; plan: Plan }> {
  const { plan: read, pictures } = await readInvestigation(text)
  const drawn = await Promise.all(
    picturesIn(read).flatMap((id) => {
      const picture = pictures[id]
      return picture ? [drawPicture(Buffer.from(picture, 'base64')).then((one) => [id, one] as const)] : []
    }),
  )
  return db.transaction(async (tx) => {
    const kept = new Map<string, string>()
    for (const [id, picture] of drawn) kept.set(id, (await keepPicture(tx, picture)).id)
    const plan = withPictures(read, kept)
    return { id: await createInvestigation(tx, plan, origin), plan }
  })
}
