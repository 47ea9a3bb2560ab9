import { defined } from '#core/defined'
import { rmSync, writeFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { getTableName, is, sql } from 'drizzle-orm'
import { PgTable } from 'drizzle-orm/pg-core'
import packageJson from '../package.json' with { type: 'json' }
import { openDatabase } from '../server/database/client'
import * as schema from '../server/database/schema'
import { makeDataFolder } from './makeDataFolder'

// Keeps the demo school's rows as this version writes them, for the upgrade tests of later versions: `npm run keep-data`. Run it once, on the
// commit that is released. Pictures stay out of it: their bytes have no shape that could change.
const folder = await makeDataFolder('demo')
const opened = await openDatabase({ folder })
const tables: Record<string, unknown> = {}
for (const table of Object.values(schema).filter((one) => is(one, PgTable))) {
  const name = getTableName(table)
  const rows = (await opened.db.execute(
    sql`select to_jsonb(one) as row from ${sql.identifier(name)} one`,
  )) as unknown as { row: object }[]
  tables[name] = name === 'pictures' ? [] : rows.map(({ row }) => row)
}
const [done] = (await opened.db.execute(
  sql`select count(*)::int as migrations from drizzle.__drizzle_migrations`,
)) as unknown as { migrations: number }[]
await opened.close()
rmSync(folder, { recursive: true })
const kept = JSON.stringify({ migrations: defined(done).migrations, tables })
writeFileSync(`server/database/kept/${packageJson.version}.json.gz`, gzipSync(kept, { level: 9 }))
