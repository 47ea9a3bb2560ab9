import { sql } from 'drizzle-orm'
import { connect } from '../connection'
import type { OpenDatabase } from '../database'

/** Any number that no other program on the same database is likely to take. */
const migrationLock = 20_260_309

/** No statement takes nearly as long, and nobody leaves a transaction open: what hangs is given up and may be tried again. */
const limits = {
  connect_timeout: 10,
  connection: {
    statement_timeout: 15_000,
    lock_timeout: 10_000,
    idle_in_transaction_session_timeout: 30_000,
  },
}

/** Connects to a PostgreSQL server; backups are that server's own business. */
export async function openRemote(url: string, migrationsFolder: string): Promise<OpenDatabase> {
  await migrateInTurn(url, migrationsFolder)
  const { client, db } = connect({ url, max: 8, ...limits })
  const watching = connect({ url, max: 1, ...limits })
  return {
    db,
    folder: null,
    listen: async (channel, { heard, missed }) => {
      let first = true
      await client.listen(channel, heard, () => {
        if (!first) missed()
        first = false
      })
    },
    ask: async () => watching.db.execute(sql`select 1`),
    answers: () => 0,
    // A server serves many, and a lost connection to it is made again.
    isOwned: () => true,
    onLost: () => {},
    close: async () => {
      await Promise.all([client.end({ timeout: 5 }), watching.client.end({ timeout: 5 })])
    },
  }
}

/** Several programs may start at once on one database: one brings the tables up to date, the others wait for it. */
async function migrateInTurn(url: string, migrationsFolder: string): Promise<void> {
  const { client, db, migrate } = connect({ url, max: 1 })
  try {
    await db.execute(sql`select pg_advisory_lock(${migrationLock})`)
    await migrate(migrationsFolder)
  } finally {
    // The lock goes with the connection.
    await client.end({ timeout: 5 })
  }
}
