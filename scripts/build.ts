import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'

const sources = [
  'app',
  'core',
  'demo',
  'public',
  'scripts/bundle',
  'server',
  'shared',
  'starters',
  'nuxt.config.ts',
  'package-lock.json',
]

/** Builds the application, unless a build newer than every source is there already. */
export async function buildWhenNeeded(): Promise<void> {
  const built = '.output/nitro.json'
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources.map(newest))) return
  console.log('Building Jolly Beaker. This takes a minute or two, the first time only.')
  const build = spawn('npx', ['nuxt', 'build'], {
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
  })
  const [status] = (await once(build, 'exit')) as [number | null]
  if (status !== 0) process.exit(status ?? 1)
}

/** When a source was last changed; tests are not built. */
function newest(path: string): number {
  const source = statSync(path)
  if (!source.isDirectory()) return path.endsWith('.test.ts') ? 0 : source.mtimeMs
  return Math.max(source.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))))
}
