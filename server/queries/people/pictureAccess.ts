import { and, eq, inArray, or, sql } from 'drizzle-orm'
import type { Database } from '../../database/database'
import { classes, lessons, observations } from '../../database/schema'
import { classesOf } from './classAccess'
import type { Visitor } from './sessions'

/**
 * Whether somebody may see a picture. Those that children took are for who has the class; on a screen of a lesson its own group's, those of
 * the group that it visits, and what is on the Board. What plans and questions show is for every teacher, and for every screen of the lesson.
 */
export async function maySeePicture(db: Database, visitor: Visitor, id: string): Promise<boolean> {
  if (visitor.kind === 'teacher') {
    if (visitor.id === null) return true
    const taken = await db
      .select({ classId: lessons.classId })
      .from(observations)
      .innerJoin(lessons, eq(lessons.id, observations.lessonId))
      .where(eq(observations.picture, id))
    if (taken.length === 0) return true
    const classIds = taken.map((one) => one.classId)
    const own = await db
      .select({ id: classes.id })
      .from(classes)
      .where(and(inArray(classes.id, classIds), classesOf(visitor)))
    return own.length > 0
  }
  const groupIds = JSON.stringify(visitor.kind === 'sheet' ? visitor.groupIds : [])
  const shown = await db
    .select({ id: lessons.id })
    .from(lessons)
    .where(
      and(
        or(eq(lessons.id, visitor.lessonId), eq(lessons.partOf, visitor.lessonId)),
        or(
          sql`${lessons.stimulus} ->> 'picture' = ${id}`,
          sql`jsonb_path_exists(${lessons.plan}, '$.levels[*] ? (@.picture == $id)', jsonb_build_object('id', ${id}::text))`,
          sql`exists (select 1 from ${observations} where ${observations.lessonId} = lessons.id
            and ${observations.picture} = ${id} and not ${observations.removed}
            and (${observations.onBoard} or ${observations.groupId}::text in (
              select own from jsonb_array_elements_text(${groupIds}::jsonb) own
              union all
              select ${lessons.reviewing} -> 'hosts' ->> own from jsonb_array_elements_text(${groupIds}::jsonb) own
              where (${lessons.reviewing} -> 'open')::boolean)))`,
        ),
      ),
    )
  return shown.length > 0
}
