import { drizzle } from 'drizzle-orm/postgres-js'
import { migrate } from 'drizzle-orm/postgres-js/migrator'
import postgres from 'postgres'
import type { Database } from './database'
import { refuseNewer } from './refuseNewer'
import * as schema from './schema'
import { upgradeEarlyData } from './upgradeEarlyData'

export type ConnectionOptions = postgres.Options<Record<string, postgres.PostgresType>> & {
  /** What the driver calls with every NOTIFY that comes over any of its connections; its own types leave it out. */
  onnotify?: (channel: string, payload: string) => void
}

/** The one driver, for the embedded database and for a server. */
export function connect(options: ConnectionOptions & { url?: string }) {
  const settings = { onnotice: () => {}, ...options }
  const client = options.url ? postgres(options.url, settings) : postgres(settings)
  const db = drizzle(client, { schema })
  return {
    client,
    db: db as Database,
    migrate: async (migrationsFolder: string) => {
      await refuseNewer(db, migrationsFolder)
      await upgradeEarlyData(db, migrationsFolder)
      await migrate(db, { migrationsFolder })
    },
  }
}
