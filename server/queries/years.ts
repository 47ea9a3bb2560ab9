import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { upgradeConclusion } from '#core/conclusion'
import { metIn, schoolYear } from '#core/logbook'
import { currentDay } from '#shared/lesson/currentDay'
import type { YearsDto } from '#shared/types/year'
import type { Database } from '../database/database'
import { classes, lessons } from '../database/schema'
import { classesOf } from './people/classAccess'
import type { TeacherVisitor } from './people/sessions'
import { getSchool } from './school'

const counted = sql`from entries where entries.lesson_id = lessons.id and entries.status = 'counted'
  and not exists (select 1 from entries later where later.supersedes = entries.id)`
const shows = {
  read: sql<boolean>`exists (select 1 ${counted})`,
  asked: sql<boolean>`exists (select 1 from notes where notes.lesson_id = lessons.id and notes.kind = 'asking' and notes.removed_at is null)`,
  reasoned: sql<boolean>`exists (select 1 from predictions where predictions.lesson_id = lessons.id and trim(predictions.because) <> '')`,
  repeated: sql<boolean>`exists (select 1 ${counted} and entries.try_number > 1)`,
  noticed: sql<boolean>`exists (select 1 from observations where observations.lesson_id = lessons.id and not observations.removed)`,
  questioned: sql<boolean>`exists (select 1 from reviews where reviews.lesson_id = lessons.id and not reviews.removed and reviews.question <> '')`,
}

/**
 * What the classes have met in the lessons that they tested: of the whole school for an admin, who looks after the subject, and of the
 * classes that a teacher may see. Titles and days, and nothing that children wrote.
 */
export async function yearsOf(db: Database, teacher: TeacherVisitor): Promise<YearsDto> {
  const isWholeSchool = teacher.id === null || teacher.role === 'admin'
  const rows = await db
    .select({
      ...{ id: lessons.id, classId: classes.id, className: classes.name, date: lessons.date },
      ...{ plan: lessons.plan, conclusion: lessons.conclusion, ...shows },
    })
    .from(lessons)
    .innerJoin(classes, eq(classes.id, lessons.classId))
    .where(and(isNull(lessons.removedAt), isWholeSchool ? undefined : classesOf(teacher)))
    .orderBy(asc(lessons.date), asc(lessons.madeAt))
  const { ways } = await getSchool(db)
  const tested = rows.filter(({ read }) => read)
  const names = new Map(tested.map(({ classId, className }) => [classId, className]))
  return {
    isWholeSchool,
    thisYear: schoolYear(currentDay(), ways.pictures.yearEnds),
    classes: [...names].map(([id, name]) => ({ id, name })).sort((a, b) => a.name.localeCompare(b.name)),
    lessons: tested.map(({ id, classId, date, plan, conclusion, ...shown }) => ({
      ...{ id, classId, date, title: plan.title || plan.question },
      year: schoolYear(date, ways.pictures.yearEnds),
      met: metIn({ plan, conclusion: upgradeConclusion(plan, conclusion), ...shown }),
    })),
  }
}
