import { firstOf, defined } from '#core/defined'
import { copyFile, mkdir, readdir, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { sql } from 'drizzle-orm'
import type { Database } from '../database'

/** What PostgreSQL makes anew when it starts; their folders must be there. */
const leftEmpty = new Set([
  'pg_wal',
  'pg_replslot',
  'pg_dynshmem',
  'pg_notify',
  'pg_serial',
  'pg_snapshots',
  'pg_stat_tmp',
  'pg_subtrans',
  'pgsql_tmp',
])
const leftOut = new Set(['postmaster.pid', 'postmaster.opts'])

/**
 * Copies an embedded database while it is written to, by PostgreSQL's own way for that: the files as they are, and the log from before
 * the first to after the last of them, which puts right what changed between. No query waits for the copying.
 * @param from the folder of the database
 * @param to an empty folder
 */
export async function copyDatabase(db: Database, from: string, to: string): Promise<void> {
  await db.execute(sql`select pg_backup_start('jolly-beaker', true)`)
  let stopped: BackupStop | undefined
  try {
    await copyTree(from, to)
  } finally {
    stopped = await stop(db)
  }
  await writeFile(join(to, 'backup_label'), stopped.label)
  const [, first] = defined(/^START WAL LOCATION: \S+ \(file (\w+)\)$/m.exec(stopped.label))
  // Names of log files sort in the order in which they were written.
  for (const name of await readdir(join(from, 'pg_wal')))
    if (/^[0-9A-F]{24}$/.test(name) && name >= defined(first) && name <= stopped.last)
      await copyFile(join(from, 'pg_wal', name), join(to, 'pg_wal', name))
}

interface BackupStop {
  label: string
  /** The log file in which the copy became consistent. */
  last: string
}

async function stop(db: Database): Promise<BackupStop> {
  const rows = (await db.execute(
    sql`select labelfile as label, pg_walfile_name(lsn) as last from pg_backup_stop(false)`,
  )) as unknown as BackupStop[]
  return firstOf(rows)
}

async function copyTree(from: string, to: string): Promise<void> {
  await mkdir(to, { recursive: true })
  for (const entry of await readdir(from, { withFileTypes: true })) {
    const [source, target] = [join(from, entry.name), join(to, entry.name)]
    if (entry.isDirectory() && leftEmpty.has(entry.name)) await emptyTree(source, target)
    else if (entry.isDirectory()) await copyTree(source, target)
    else if (entry.isFile() && !leftOut.has(entry.name)) await copyIfThere(source, target)
  }
}

/** A table that was dropped meanwhile is in the log. */
async function copyIfThere(from: string, to: string): Promise<void> {
  await copyFile(from, to).catch((error: NodeJS.ErrnoException) => {
    if (error.code !== 'ENOENT') throw error
  })
}

async function emptyTree(from: string, to: string): Promise<void> {
  await mkdir(to, { recursive: true })
  for (const entry of await readdir(from, { withFileTypes: true }))
    if (entry.isDirectory()) await emptyTree(join(from, entry.name), join(to, entry.name))
}
