import { and, asc, isNotNull, lt } from 'drizzle-orm'
import { formatISO } from 'date-fns'
import { addDays, pictureKeptUntil } from '#core/calendar'
import { firstOf } from '#core/defined'
import type { OldPicturesDto } from '#shared/types/machine'
import type { Database } from '../database/database'
import { observations, school } from '../database/schema'
import { deleteObservedPicture } from './observations'
import { recordAudit } from './people/audit'
import { getSchool } from './school'

/** Teachers have so many days to save what they want to keep. */
const notice = 7

interface OldPicture {
  lessonId: string
  id: string
  /** The first day without it. */
  goes: string
}

/** The pictures that go within the time of notice, those that go first in front. */
async function oldPictures(db: Database, today: string): Promise<OldPicture[]> {
  const { ways } = await getSchool(db)
  const rows = await db
    .select({ lessonId: observations.lessonId, id: observations.id, seenAt: observations.seenAt })
    .from(observations)
    .where(and(isNotNull(observations.picture), lt(observations.seenAt, new Date(addDays(today, notice)))))
    .orderBy(asc(observations.seenAt), asc(observations.id))
  return rows.flatMap(({ lessonId, id, seenAt }) => {
    const until = pictureKeptUntil(formatISO(seenAt, { representation: 'date' }), ways.pictures)
    if (until === null || until >= addDays(today, notice)) return []
    return [{ lessonId, id, goes: addDays(until, 1) }]
  })
}

/** After so many days without a look nobody can have read what was announced. */
const mostUnlooked = 3

/** The day since which everybody could read that pictures go; null where that has not been announced, or too long ago. */
async function announcedOn(db: Database, today: string): Promise<string | null> {
  const [row] = await db
    .select({ announced: school.picturesAnnounced, looked: school.picturesLooked })
    .from(school)
  const isFresh = row?.looked && addDays(row.looked, mostUnlooked) >= today
  return isFresh ? row.announced : null
}

/** How many pictures go soon, and on which day the first do; null where none will, or nobody has been told yet. */
export async function picturesGoing(db: Database, today: string): Promise<OldPicturesDto | null> {
  const announced = await announcedOn(db, today)
  if (announced === null) return null
  const old = await oldPictures(db, today)
  if (old.length === 0) return null
  const day = addDays(announced, notice)
  const { goes } = firstOf(old)
  return { count: old.length, day: goes > day ? goes : day }
}

/**
 * Announces the pictures that go soon, and deletes for good those whose time is over once everybody could have read it for a week. The
 * observations stay with their words.
 * @returns how many were deleted
 */
export async function deleteOldPictures(db: Database, today: string): Promise<number> {
  const old = await oldPictures(db, today)
  const announced = await announcedOn(db, today)
  const picturesAnnounced = old.length === 0 ? null : (announced ?? today)
  await db.update(school).set({ picturesAnnounced, picturesLooked: today })
  if (announced === null || addDays(announced, notice) > today) return 0
  const over = old.filter(({ goes }) => goes <= today)
  for (const { lessonId, id } of over) await deleteObservedPicture(db, lessonId, id)
  if (over.length > 0)
    await recordAudit(db, 'Jolly Beaker', `deleted ${over.length} pictures whose time was over`)
  return over.length
}
