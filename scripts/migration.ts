import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildSync } from 'esbuild'

/**
 * Writes a migration from what changed in the schema: `npm run migration -- --name clock`, and `--custom` for data. What writes it
 * understands none of our short names of folders, so that the schema is handed to it as one file.
 */
const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-schema-'))
const schema = join(folder, 'schema.cjs')
buildSync({
  entryPoints: ['server/database/schema.ts'],
  outfile: schema,
  bundle: true,
  platform: 'node',
  format: 'cjs',
  tsconfig: 'scripts/tsconfig.json',
})
const { status } = spawnSync(
  process.execPath,
  [
    'node_modules/drizzle-kit/bin.cjs',
    'generate',
    '--dialect=postgresql',
    `--schema=${schema}`,
    '--out=./server/database/migrations',
    ...process.argv.slice(2),
  ],
  { stdio: 'inherit' },
)
rmSync(folder, { recursive: true })
process.exitCode = status ?? 1
