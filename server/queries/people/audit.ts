import { subYears } from 'date-fns'
import { desc, lt } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { AuditLineDto } from '#shared/types/people'
import type { Database } from '../../database/database'
import { auditLines } from '../../database/schema'

/** How many lines an admin is shown: some months of a school. */
const shown = 300
/** Longer than any question about what happened. */
const yearsKept = 3

/**
 * Writes down who did something that others may want to look up later.
 * @param who a teacher's name, or what came in without one
 * @param did what was done, beginning with a verb: "signed in"; never with a child's name
 */
export async function recordAudit(db: Database, who: string, did: string): Promise<void> {
  await db.insert(auditLines).values({ id: newId(), who, did })
}

/** Deletes lines that nobody needs any more. */
export async function deleteOldAudit(db: Database): Promise<void> {
  await db.delete(auditLines).where(lt(auditLines.at, subYears(new Date(), yearsKept)))
}

/** The newest lines, newest first. */
export async function listAudit(db: Database): Promise<AuditLineDto[]> {
  const rows = await db
    .select()
    .from(auditLines)
    .orderBy(desc(auditLines.at), desc(auditLines.id))
    .limit(shown)
  return rows.map(({ at, who, did }) => ({ at: at.toISOString(), who, did }))
}
