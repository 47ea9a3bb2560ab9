import { spawnSync } from 'node:child_process'
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { aptInstall } from '../../scripts/aptInstall'
import { freePort } from '../../scripts/freePort'

const versions = '/usr/lib/postgresql'

/** A server of PostgreSQL of the tests' own. */
export interface PostgresServer {
  url: string
  /** Breaks all connections off and starts again, as after an update of the machine. */
  restart: () => void
  stop: () => void
}

/**
 * Starts a server of PostgreSQL for the tests alone, on loopback and in a folder of its own, and stops only that one. It refuses to be
 * run by root, who therefore lets it be run by the user of Debian's package.
 */
export async function startPostgres(): Promise<PostgresServer> {
  const programs = ensurePostgres()
  const folder = mkdtempSync(join(tmpdir(), 'jolly-beaker-postgres-'))
  const user = process.getuid?.() === 0 ? idsOf('postgres') : {}
  if (user.uid !== undefined) chownSync(folder, user.uid, user.gid!)
  const run = (program: string, ...options: string[]) => {
    const { status, stderr } = spawnSync(join(programs, program), options, {
      ...user,
      cwd: folder,
      encoding: 'utf8',
      stdio: ['ignore', 'ignore', 'pipe'],
    })
    if (status !== 0) throw new Error(`${program}: ${stderr}`)
  }
  const data = join(folder, 'data')
  const port = await freePort()
  run('initdb', '-D', data, '-A', 'trust', '-U', 'beaker', '-E', 'UTF8', '--no-sync')
  const settings = `-p ${port} -k ${folder} -c listen_addresses=127.0.0.1 -c fsync=off -c max_connections=200`
  run('pg_ctl', '-D', data, '-w', '-l', join(folder, 'log'), '-o', settings, 'start')
  return {
    url: `postgres://beaker@127.0.0.1:${port}/postgres`,
    restart: () =>
      run('pg_ctl', '-D', data, '-w', '-m', 'fast', '-l', join(folder, 'log'), '-o', settings, 'restart'),
    stop: () => {
      run('pg_ctl', '-D', data, '-m', 'immediate', 'stop')
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

/** The folder of Debian's programs, which are installed when they are missing and this user may. */
function ensurePostgres(): string {
  const found = () =>
    existsSync(versions)
      ? readdirSync(versions)
          .map((version) => join(versions, version, 'bin'))
          .findLast((programs) => existsSync(join(programs, 'initdb')))
      : undefined
  const programs = found() ?? (aptInstall('postgresql') ? found() : undefined)
  if (!programs)
    throw new Error(
      'The tests on a server need Debian’s postgresql. Install it as root: apt-get update && apt-get install postgresql',
    )
  return programs
}

function idsOf(name: string): { uid?: number; gid?: number } {
  const id = (which: string) => Number(spawnSync('id', [which, name], { encoding: 'utf8' }).stdout)
  return { uid: id('-u'), gid: id('-g') }
}
