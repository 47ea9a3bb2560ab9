import { defined } from '#core/defined'
import { sql } from 'drizzle-orm'
import type { OpenDatabase } from '../database/database'
import { logProblem } from '../errors/logProblem'

const everyMinute = 60_000

/** So much log, in bytes, is written to the tables at once: a fraction of a second's work. */
const enough = 8_000_000

/**
 * Has the embedded database write to its tables what it has logged. A server does so by itself; embedded it would wait until the next
 * backup, which would then hold up everybody for as long as all of that takes.
 */
export function startCheckpoints(opened: OpenDatabase): { stop: () => void } {
  if (opened.folder === null) return { stop: () => {} }
  const timer = setInterval(() => void checkpointWhenDue(opened).catch(logProblem), everyMinute)
  return { stop: () => clearInterval(timer) }
}

/** Gives back whether there was enough to write. */
export async function checkpointWhenDue({ db }: OpenDatabase, due = enough): Promise<boolean> {
  const [log] = (await db.execute(
    sql`select pg_current_wal_insert_lsn() - redo_lsn as waiting from pg_control_checkpoint()`,
  )) as unknown as { waiting: string }[]
  if (Number(defined(log).waiting) < due) return false
  await db.execute(sql`checkpoint`)
  return true
}
