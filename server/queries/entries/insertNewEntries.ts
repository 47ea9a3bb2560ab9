import { inArray } from 'drizzle-orm'
import { slotKey, type Entry, type Slot } from '#core/entries'
import type { Database } from '../../database/database'
import { entries } from '../../database/schema'
import { ApiError, notFound } from '../../errors/apiError'
import { recordEvent } from '../../live/events'
import { accepted } from './accepted'
import { toEntry } from './entriesOf'
import { openLessons } from './openLesson'

/** Entries with those that they correct, or that are there already. */
export async function insertNewEntries(db: Database, lessonId: string, given: Entry[]): Promise<Entry[]> {
  return db.transaction(async (tx) => {
    const [lesson] = await openLessons(tx, [lessonId]).for('update')
    if (!lesson) throw notFound('lesson')
    const named = new Set(given.flatMap((one) => [one.id, ...(one.supersedes ? [one.supersedes] : [])]))
    const rows = await tx
      .select()
      .from(entries)
      .where(inArray(entries.id, [...named]))
    const known = new Map(rows.map((row) => [row.id, row]))
    const unknown = given.filter((one) => {
      const before = known.get(one.id)
      if (before && (before.lessonId !== lessonId || !sameEntry(toEntry(before), one)))
        throw new ApiError(
          'conflict',
          'Another entry has the same number. Reload the page and type it again.',
          [{ path: 'entries', message: one.id }],
        )
      return !before
    })
    if (unknown.length === 0) return []
    const fresh = accepted(unknown, lesson)
    const lost = misplaced(fresh, lessonId, known)
    if (lost)
      throw new ApiError('conflict', 'What this corrects is in another place. Reload the page.', [
        { path: 'entries', message: lost.id },
      ])
    await tx
      .insert(entries)
      .values(fresh.map((one) => ({ ...one, lessonId, takenAt: new Date(one.takenAt) })))
    await recordEvent(tx, lessonId, { kind: 'entries', entries: fresh })
    return fresh
  })
}

/**
 * The first entry that corrects what lies in another place, or in another lesson. What it corrects may still be on its way from another
 * device; only where it is known, it must be in this place.
 */
function misplaced(
  fresh: Entry[],
  lessonId: string,
  known: ReadonlyMap<string, Slot & { lessonId: string }>,
): Entry | undefined {
  const beside = new Map(fresh.map((one) => [one.id, { ...one, lessonId }]))
  return fresh.find((one) => {
    const target = known.get(one.supersedes ?? '') ?? beside.get(one.supersedes ?? '')
    return target && (target.lessonId !== lessonId || slotKey(target) !== slotKey(one))
  })
}

/**
 * Whether what was sent is what is kept already. The order of its fields says nothing (the database has its own), and what was worked
 * out of one text, such as the time typed beside a number, is kept as a field that was never sent.
 */
function sameEntry(kept: Entry, sent: Entry): boolean {
  const essence = ({ status, supersedes, fields, ...slot }: Entry) =>
    JSON.stringify([slotKey(slot), status, supersedes, Object.keys(fields).length > 0])
  return (
    essence(kept) === essence(sent) &&
    Object.entries(sent.fields).every(
      ([name, { typed, given }]) => kept.fields[name]?.typed === typed && kept.fields[name].given === given,
    )
  )
}
