import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import type * as schema from './schema'

/** The database as all queries see it, whichever driver is behind it; a transaction is one too. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>

/** An open database with what lies beside queries: hearing notifications, copying and closing. */
export interface OpenDatabase {
  db: Database
  /** Calls back with the payload of every NOTIFY on the channel. */
  listen: (channel: string, heard: (payload: string) => void) => Promise<void>
  /** A whole copy of the data as a gzipped tar, where the driver can make one. */
  copy: (() => Promise<Uint8Array>) | null
  /** Whether the data still belong to this process alone; when not, it must stop answering. */
  isOwned: () => boolean
  close: () => Promise<void>
}
