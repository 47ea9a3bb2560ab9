import { count, isNull } from 'drizzle-orm'
import { connectEmbedded } from '../embedded/connectEmbedded'
import { startThread } from '../embedded/startThread'
import { entries, lessons } from '../schema'
import type { BackupManifest } from './backupFolder'

/**
 * Opens the copy of a database and looks whether all is there that was there when it was begun.
 * @throws when it does not open or has fewer lessons or entries
 */
export async function checkCopy(
  folder: string,
  { entries: fewest }: Pick<BackupManifest, 'entries'>,
): Promise<void> {
  const thread = await startThread({ folder })
  const { db, close } = connectEmbedded(thread)
  try {
    const [found] = await db.select({ entries: count() }).from(entries)
    await db.select({ lessons: count() }).from(lessons).where(isNull(lessons.removedAt))
    if (found!.entries < fewest)
      throw new Error(`The copy has ${found!.entries} entries, and there were ${fewest}.`)
  } finally {
    await close()
  }
}
