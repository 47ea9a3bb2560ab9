import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core'
import type * as schema from './schema'

/** The database as all queries see it, embedded or on a server; a transaction is one too. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>

/** Who wants to hear what the database tells. */
export interface Listener {
  /** The payload of a NOTIFY on the channel, after its commit. */
  heard: (payload: string) => void
  /** The connection was lost and is back: something may have been told meanwhile. */
  missed: () => void
}

/** An open database with what lies beside queries: hearing what it tells, what becomes of it, and closing. */
export interface OpenDatabase {
  db: Database
  listen: (channel: string, listener: Listener) => Promise<void>
  /** The folder of an embedded database that lies on the disk; null for memory and for a server. */
  folder: string | null
  /** Asks for the shortest answer; with a server past everything else that waits. */
  ask: () => Promise<unknown>
  /** How many answers an embedded database has given; one that answers nobody while somebody waits hangs. */
  answers: () => number
  /** Whether the data still belong to this process alone; when not, it must stop answering. */
  isOwned: () => boolean
  /** Calls back once when the database has ended by itself and cannot come back. */
  onLost: (lost: (reason: string) => void) => void
  close: () => Promise<void>
}
