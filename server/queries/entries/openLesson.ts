import { and, inArray, isNull, sql } from 'drizzle-orm'
import type { Database } from '../../database/database'
import { lessons } from '../../database/schema'
import { groupsTakingPart } from '../lessonGroups'
import { confirmationStands } from '../safety'
import { recentlyUsedLessons } from './recentlyUsedLessons'

/** What decides whether an entry is taken. */
export type OpenLesson = Awaited<ReturnType<typeof openLessons>>[number]

/** Lessons that entries may be sent to, with what decides whether they are taken. */
export const openLessons = (db: Database, ids: string[]) =>
  db
    .select({
      id: lessons.id,
      plan: lessons.plan,
      planVersion: lessons.planVersion,
      groupIds: groupsTakingPart,
      stands: confirmationStands,
      /** How many entries it holds; counted on by whoever writes more. */
      kept: sql<number>`(select count(*)::int from entries where entries.lesson_id = lessons.id)`,
    })
    .from(lessons)
    .where(and(inArray(lessons.id, ids), isNull(lessons.removedAt)))

/** The lessons that were written to last, as they were read: a class at work sends one entry after another. */
export const lastRead = recentlyUsedLessons<OpenLesson>()
