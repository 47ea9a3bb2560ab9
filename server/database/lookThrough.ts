import { getTableName, sql } from 'drizzle-orm'
import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'
import type { Database } from './database'
import * as schema from './schema'
import { isDamage } from './sqlState'

/** A part of the data that cannot be read, in words for a teacher. */
export interface Damage {
  part: string
}

/** What each table holds, in the order in which it is missed. */
const parts = [
  [schema.lessons, 'the lessons'],
  [schema.entries, 'the readings'],
  [schema.classes, 'the classes'],
  [schema.groups, 'the groups'],
  [schema.pupils, 'the children'],
  [schema.investigations, 'the saved plans'],
  [schema.predictions, 'the predictions'],
  [schema.notes, 'the notes'],
  [schema.observations, 'what was noticed'],
  [schema.reviews, 'what groups left with each other'],
  [schema.pictures, 'the list of pictures'],
  [schema.safetyConfirmations, 'who has checked the cautions'],
  [schema.supplies, 'the store cupboard'],
  [schema.instruments, 'the cupboard of instruments'],
  [schema.school, 'how the school works'],
  [schema.packingTicks, 'what is packed'],
  [schema.kitCounts, 'what came back'],
  [schema.roleTurns, 'who does what'],
  [schema.events, 'what screens were told'],
] as const

/** Pages of 8 kB that are read with one statement: it takes a moment, and nobody waits long behind it. */
const atOnce = 256

/**
 * Reads every row of every table, a piece at a time, so that the database compares each page with its checksum. Gives each part that cannot
 * be read, and null after each piece that can, so that whoever asks may pause.
 */
export async function* lookThrough(db: Database): AsyncGenerator<Damage | null> {
  for (const [table, part] of parts) {
    const name = sql.identifier(getTableName(table))
    try {
      // A file that is gone has no size, and says so when it is read.
      const [row] = (await db.execute(
        sql`select (pg_relation_size(${getTableName(table)}::regclass) / 8192)::int as pages, (select count(*) from (select 1 from ${name} limit 1) one)`,
      )) as unknown as { pages: number }[]
      for (let from = 0; from < (row?.pages ?? 0); from += atOnce) {
        await db.execute(sql`
          select max(length(one::text)) from ${name} one
          where ctid >= ${`(${from},0)`}::tid and ctid < ${`(${from + atOnce},0)`}::tid`)
        yield null
      }
      await lookUpEnds(db, table)
    } catch (error) {
      if (!isDamage(error)) throw error
      yield { part }
    }
  }
}

/**
 * Looks up the first and the last row by the table's key. A file that was cut off, or to nothing, has no page that could be wrong; but
 * the key still leads to rows that were in it.
 */
async function lookUpEnds(db: Database, table: PgTable): Promise<void> {
  const { columns, primaryKeys } = getTableConfig(table)
  const keys = primaryKeys[0]?.columns ?? columns.filter((column) => column.primary)
  await db.transaction(async (tx) => {
    // Else it would read a small table from its first page to its last, and sort it.
    await tx.execute(sql`set local enable_seqscan = off`)
    await tx.execute(sql`set local enable_sort = off`)
    for (const way of [sql`asc`, sql`desc`])
      await tx.execute(sql`
        select length(one::text) from ${table} one
        order by ${sql.join(
          keys.map((key) => sql`${sql.identifier(key.name)} ${way}`),
          sql`, `,
        )} limit 1`)
  })
}
