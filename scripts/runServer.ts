import { spawn, type ChildProcess } from 'node:child_process'
import { rmSync } from 'node:fs'
import { freePort } from './freePort'

/** A built application running on a folder of its own. */
export interface RunningServer {
  url: string
  folder: string
  process: ChildProcess
  output: () => string
  /** Stops it as the system would, and waits until it is gone. */
  stop: (signal?: NodeJS.Signals) => Promise<number | null>
  /** Removes the data; to be called last. */
  forget: () => void
}

/** Starts the built application and waits until it answers. */
export async function startServer(
  folder: string,
  {
    port: wanted,
    environment = {},
    flags = [],
  }: { port?: number; environment?: NodeJS.ProcessEnv; flags?: string[] } = {},
): Promise<RunningServer> {
  const port = wanted ?? (await freePort())
  const server = spawn(process.execPath, [...flags, '.output/server/index.mjs'], {
    env: {
      ...process.env,
      JOLLY_DATA: folder,
      JOLLY_PORT: String(port),
      JOLLY_HOST: '127.0.0.1',
      DATABASE_URL: '',
      // A backup takes seconds of a processor; what is about backups asks for one.
      JOLLY_FIRST_BACKUP: '3600',
      ...environment,
    },
  })
  let output = ''
  server.stdout.on('data', (part: Buffer) => (output += part.toString()))
  server.stderr.on('data', (part: Buffer) => (output += part.toString()))
  const gone = new Promise<number | null>((done) => server.once('exit', done))
  const url = `http://127.0.0.1:${port}`
  const deadline = Date.now() + 300_000
  while (!(await answers(url))) {
    if (server.exitCode !== null || Date.now() > deadline)
      throw new Error(`the server did not start:\n${output}`)
    await new Promise((next) => setTimeout(next, 150))
  }
  return {
    url,
    folder,
    process: server,
    output: () => output,
    stop: (signal = 'SIGTERM') => {
      server.kill(signal)
      return gone
    },
    forget: () => rmSync(folder, { recursive: true, force: true }),
  }
}

async function answers(url: string): Promise<boolean> {
  return fetch(`${url}/api/health`).then(
    (response) => response.ok,
    () => false,
  )
}
