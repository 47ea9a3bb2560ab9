import { defined } from '#core/defined'
import type { Database } from '../../database/database'

const most = 50

/**
 * What was last read of a few lessons, for each database. It may be old: whoever uses it must have the database look whether the lesson
 * is still as it was then.
 */
export function recentlyUsedLessons<Lesson>() {
  const databases = new WeakMap<Database, Map<string, Lesson>>()
  return {
    of: (db: Database, id: string): Lesson | undefined => databases.get(db)?.get(id),
    keep(db: Database, id: string, lesson: Lesson): void {
      const all = databases.get(db) ?? new Map<string, Lesson>()
      databases.set(db, all)
      all.set(id, lesson)
      const [oldest] = all.keys()
      if (all.size > most) all.delete(defined(oldest))
    },
    forget: (db: Database, id: string): void => void databases.get(db)?.delete(id),
  }
}
