import { readMigrationFiles } from 'drizzle-orm/migrator'
import { sql } from 'drizzle-orm'
import type { PostgresJsDatabase } from 'drizzle-orm/postgres-js'
import { DataNewer } from './problems'

/**
 * Refuses data with changes that this version does not know; to be asked before anything is written.
 * @throws DataNewer
 */
export async function refuseNewer(
  db: Pick<PostgresJsDatabase, 'execute'>,
  migrationsFolder: string,
): Promise<void> {
  const known = readMigrationFiles({ migrationsFolder })
  const newest = Math.max(...known.map((one) => one.folderMillis))
  const [table] = await db.execute<{ there: boolean }>(
    sql`select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  )
  if (!table?.there) return
  const [row] = await db.execute<{ unknown: number }>(
    sql`select count(*)::int as unknown from drizzle.__drizzle_migrations where created_at > ${newest}`,
  )
  const unknown = row?.unknown ?? 0
  if (unknown > 0) throw new DataNewer({ data: known.length + unknown, known: known.length })
}
