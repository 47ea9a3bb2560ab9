import { spawn, spawnSync } from 'node:child_process'
import { freePort } from '../../scripts/freePort'

/** Builds and starts the smallest page on the same libraries, with which all others are compared. */
export async function startBareServer(): Promise<{ url: string; stop: () => void }> {
  const built = spawnSync('npx', ['nuxt', 'build', 'benchmarks/bare'], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (built.status !== 0) throw new Error('the bare page could not be built')
  const port = await freePort()
  const server = spawn(process.execPath, ['.bench/bare/server/index.mjs'], {
    env: { ...process.env, NITRO_HOST: '127.0.0.1', NITRO_PORT: String(port) },
    stdio: 'ignore',
  })
  const url = `http://127.0.0.1:${port}`
  for (let tries = 0; tries < 100; tries++) {
    const answered = await fetch(url).then(
      () => true,
      () => false,
    )
    if (answered) return { url, stop: () => server.kill() }
    await new Promise((next) => setTimeout(next, 100))
  }
  throw new Error(`${url} does not answer`)
}
