import type { SQL } from 'drizzle-orm'
import { PgDialect } from 'drizzle-orm/pg-core'
import type { Sql } from 'postgres'
import type { Database } from './database'

const dialect = new PgDialect()

/**
 * Has the database plan a statement once for each connection and not each time anew, which for a short one costs more than all else. For
 * statements whose text is always the same; not within a transaction.
 */
export async function executePrepared<Row>(db: Database, statement: SQL): Promise<Row[]> {
  const { sql, params } = dialect.sqlToQuery(statement)
  const { $client } = db as Database & { $client: Sql }
  return (await $client.unsafe(sql, params as never[], { prepare: true })) as unknown as Row[]
}
