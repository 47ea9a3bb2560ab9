import { defined } from '#core/defined'
import { eq } from 'drizzle-orm'
import { v7 as newId } from 'uuid'
import type { RosterContext } from '#core/format'
import type { ClassDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { classes } from '../database/schema'
import { ApiError } from '../errors/apiError'
import { readInThread } from '../threads/inThread'
import { getClass, updateClass } from './classes'

/** What a roster is compared with. */
export async function rosterContext(db: Database, classId: string): Promise<RosterContext> {
  const { groups, pupils } = await getClass(db, classId)
  return { groups, pupils: pupils.map((pupil) => pupil.name) }
}

/** Takes in a roster whole, or not at all when any line of it has a problem. */
export async function importRoster(db: Database, classId: string, csv: string): Promise<ClassDto> {
  const context = await rosterContext(db, classId)
  const { rows, problem } = await readInThread('previewRoster', csv, context)
  return db.transaction(async (tx) => {
    // The same list may have been sent twice at once: one after the other from here on.
    await tx.select({ id: classes.id }).from(classes).where(eq(classes.id, classId)).for('update')
    if (JSON.stringify(await rosterContext(tx, classId)) !== JSON.stringify(context))
      throw new ApiError(
        'conflict',
        'This class has just been changed. Nobody was added. Look at the list again.',
      )
    if (problem) throw new ApiError('invalid', problem, [{ path: 'csv', message: problem }])
    const bad = rows.filter((row) => row.problem)
    if (bad.length > 0)
      throw new ApiError(
        'invalid',
        `${bad.length} of ${rows.length} lines need a look. Nobody was added.`,
        bad.map((row) => ({ path: `csv.${row.line}`, message: defined(row.problem) })),
      )
    const { id: _id, ...before } = await getClass(tx, classId)
    const added = rows.map((row) => ({ id: newId(), name: row.name, groupId: row.groupId }))
    if (before.pupils.length + added.length > 60)
      throw new ApiError('invalid', 'A class has at most 60 children.', [
        { path: 'csv', message: 'too many children' },
      ])
    return updateClass(tx, classId, { ...before, pupils: [...before.pupils, ...added] })
  })
}
