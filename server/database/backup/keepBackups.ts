import type { Backup } from './backupFolder'

/** So many backups are kept: the newest of each of the last hours, days and weeks that have one. */
export const keptBackups = { hours: 24, days: 14, weeks: 8 }

const hour = 3_600_000
const day = 24 * hour

/**
 * Which backups to keep: the newest in each of the last 24 hours, 14 days and 8 weeks in which there was any, and always the newest of
 * all and the newest that has lessons.
 */
export function backupsToKeep(all: readonly Backup[]): Backup[] {
  const newestFirst = all.toSorted((one, other) => (one.manifest.made < other.manifest.made ? 1 : -1))
  const kept = new Set<Backup>()
  for (const [length, most] of [
    [hour, keptBackups.hours],
    [day, keptBackups.days],
    [7 * day, keptBackups.weeks],
  ] as const) {
    const seen = new Set<number>()
    for (const one of newestFirst) {
      const bucket = Math.floor(Date.parse(one.manifest.made) / length)
      if (seen.has(bucket)) continue
      if (seen.size === most) break
      seen.add(bucket)
      kept.add(one)
    }
  }
  const withLessons = newestFirst.find((one) => one.manifest.lessons !== 0)
  for (const one of [newestFirst[0], withLessons]) if (one) kept.add(one)
  return newestFirst.filter((one) => kept.has(one)).reverse()
}
