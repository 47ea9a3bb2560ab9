import { addDays, endOfDay } from 'date-fns'
import { and, eq, gt, isNull } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { Database } from '../../database/database'
import { lessons, links, sessions, type LinkKind } from '../../database/schema'
import { findLesson } from '../lessonRow'
import { hashOf, newSecret } from './secrets'
import { beginSession } from './sessions'

/** A Board stays on the wall for a lesson of many days; a helper has the lesson for today. */
const endOf: Record<LinkKind, () => Date> = {
  board: () => addDays(new Date(), 30),
  assistant: () => endOfDay(new Date()),
}

/** Makes a link that opens a lesson's Board, or its Pack and clock for today; gives back its secret. */
export async function makeLink(db: Database, wholeId: string, kind: LinkKind): Promise<string> {
  await findLesson(db, wholeId)
  const secret = newSecret()
  await db
    .insert(links)
    .values({ id: newId(), secretHash: hashOf(secret), kind, lessonId: wholeId, endsAt: endOf[kind]() })
  return secret
}

/** Comes in by a link; null where it holds no longer. */
export async function openLink(
  db: Database,
  secret: string,
  device: string,
): Promise<{ cookie: string; kind: LinkKind; lessonId: string } | null> {
  const [row] = await db
    .select({ link: links })
    .from(links)
    .innerJoin(lessons, eq(lessons.id, links.lessonId))
    .where(and(eq(links.secretHash, hashOf(secret)), gt(links.endsAt, new Date()), isNull(lessons.removedAt)))
  if (!row) return null
  const { id, kind, lessonId } = row.link
  return { cookie: await beginSession(db, { kind, lessonId, linkId: id, device }), kind, lessonId }
}

/** Ends all links of a kind to a lesson, with the screens that came in by them; gives back their sessions. */
export async function revokeLinks(db: Database, wholeId: string, kind: LinkKind): Promise<string[]> {
  return db.transaction(async (tx) => {
    const gone = await tx
      .delete(sessions)
      .where(and(eq(sessions.lessonId, wholeId), eq(sessions.kind, kind)))
      .returning({ id: sessions.id })
    await tx.delete(links).where(and(eq(links.lessonId, wholeId), eq(links.kind, kind)))
    return gone.map(({ id }) => id)
  })
}
