import { and, desc, eq, isNull, lte, ne, or, sql } from 'drizzle-orm'
import { upgradeConclusion } from '#core/conclusion'
import { standingOf } from '#core/entries'
import { caveatsOf } from '#core/lesson'
import { clockLog } from '#core/timetable'
import type { LastTimeDto } from '#shared/types/lastTime'
import type { Database } from '../database/database'
import { classes, investigations, lessons } from '../database/schema'
import { entriesOf } from './entries'
import { sameInvestigation } from './lastLessonTimes'
import { findLesson } from './lessonRow'
import type { ClassScope } from './people/classAccess'

/** How the same investigation went when it was last tested, in a class that somebody may see; null where it never was. */
export async function lastTimeOf(
  db: Database,
  lessonId: string,
  scope: ClassScope,
): Promise<LastTimeDto | null> {
  const own = await findLesson(db, lessonId)
  const wholeId = own.partOf ?? own.id
  const [last] = await db
    .select({ lesson: lessons, className: classes.name })
    .from(lessons)
    .innerJoin(investigations, eq(investigations.id, lessons.investigationId))
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(
      and(
        sameInvestigation(own.investigationId),
        isNull(lessons.removedAt),
        isNull(lessons.partOf),
        ne(lessons.id, wholeId),
        or(lte(lessons.date, own.date), lte(lessons.madeAt, own.madeAt)),
        sql`exists (select 1 from entries where entries.lesson_id = ${lessons.id})`,
        scope,
      ),
    )
    .orderBy(desc(lessons.date), desc(lessons.madeAt))
    .limit(1)
  if (!last) return null
  const { id, date, plan, conclusion, clock } = last.lesson
  const took = clock?.ended ? clockLog(clock) : null
  return {
    ...{ id, date, className: last.className, plan },
    said: [...(took ? [took.said] : []), ...caveatsOf(plan, standingOf(await entriesOf(db, id)))],
    better: upgradeConclusion(plan, conclusion).better.trim(),
  }
}
