import { sql } from 'drizzle-orm'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import type { PostgresJsDatabase } from 'drizzle-orm/postgres-js'
import { DataTooOld } from './problems'

/** When the last change was made to tables that can still be opened; anything older is of the first weeks. */
const oldestKnown = 1_795_728_126_594

/**
 * Brings a database from before version 0.2.0 to the tables that its first migration makes, and records that one as done. Every statement
 * may find its change already made: the early versions added them one by one.
 * @throws DataTooOld
 */
export async function upgradeEarlyData(
  db: PostgresJsDatabase<Record<string, unknown>>,
  migrationsFolder: string,
): Promise<void> {
  const [first] = readMigrationFiles({ migrationsFolder })
  const [table] = await db.execute<{ there: boolean }>(
    sql`select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  )
  if (!table?.there || !first) return
  const [row] = await db.execute<{ last: string | null }>(
    sql`select max(created_at) as last from drizzle.__drizzle_migrations`,
  )
  const last = Number(row?.last ?? 0)
  if (last === 0 || last >= first.folderMillis) return
  if (last < oldestKnown) throw new DataTooOld()
  await db.transaction(async (tx) => {
    for (const change of changes) await tx.execute(change)
    await tx.execute(
      sql`insert into drizzle.__drizzle_migrations (hash, created_at) values (${first.hash}, ${first.folderMillis})`,
    )
  })
}

const changes = [
  sql`alter table lessons add column if not exists saves jsonb default '[]'::jsonb not null`,
  sql`do $$ begin
    if not exists (select from information_schema.columns where table_name = 'lessons' and column_name = 'finished_at') then
      alter table lessons add column finished_at timestamp with time zone;
      update lessons set finished_at = (select max(taken_at) from entries where entries.lesson_id = lessons.id)
        where date < current_date;
    end if;
  end $$`,
  sql`alter table predictions add column if not exists step text default 'before' not null`,
  sql`alter table predictions add column if not exists known integer default 0 not null`,
  sql`alter table predictions drop constraint if exists predictions_lesson_id_group_id_seat_pk`,
  sql`alter table predictions drop constraint if exists predictions_lesson_id_group_id_seat_step_pk`,
  sql`alter table predictions add constraint predictions_lesson_id_group_id_seat_step_pk primary key (lesson_id, group_id, seat, step)`,
  sql`alter table school add column if not exists offers jsonb default '[]'::jsonb not null`,
]
