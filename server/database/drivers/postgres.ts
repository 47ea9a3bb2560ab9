import { drizzle } from 'drizzle-orm/postgres-js'
import { migrate } from 'drizzle-orm/postgres-js/migrator'
import postgres from 'postgres'
import type { OpenDatabase } from '../database'
import * as schema from '../schema'

/** Connects to a PostgreSQL server; backups are that server's own business. */
export async function openPostgres(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  const client = postgres(url, { max: 8, onnotice: () => {} })
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder })
  return {
    db,
    listen: async (channel, heard) => {
      await client.listen(channel, heard)
    },
    copy: null,
    // A server serves many.
    isOwned: () => true,
    close: () => client.end({ timeout: 5 }),
  }
}
