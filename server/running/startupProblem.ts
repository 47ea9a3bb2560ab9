import { firstOf } from '#core/defined'
import type { DatabaseSettings } from '../database/client'
import { DatabaseMissing, DatabaseUnreadable, DataNewer, DataTooOld, FolderInUse } from '../database/problems'

/** Why the program cannot open its data, in one sentence for whoever starts it, with what to do. */
export function startupProblem(error: unknown, { url, folder }: DatabaseSettings): string {
  for (const known of [FolderInUse, DatabaseMissing, DatabaseUnreadable, DataNewer, DataTooOld])
    if (error instanceof known) return error.message
  const code = codeOf(error)
  if (url)
    return `${remoteReasons[code] ?? `The database server refused to work (${code})`}. ${atServer(url)}`
  return (
    localReasons[code]?.(folder) ?? `The data in ${folder} cannot be opened (${code}: ${wordsOf(error)}).`
  )
}

const localReasons: Record<string, (folder: string) => string> = {
  EACCES: (folder) =>
    `Jolly Beaker may not write into the folder ${folder}. Give it the right to, or set JOLLY_DATA to another folder.`,
  EROFS: (folder) => `The disk of ${folder} can only be read. Set JOLLY_DATA to a folder on another disk.`,
  ENOSPC: (folder) => `The disk of ${folder} is full. Make room on it and start again.`,
  ENOTDIR: (folder) => `${folder} isn’t a folder. Set JOLLY_DATA to one.`,
  EEXIST: (folder) => `${folder} isn’t a folder. Set JOLLY_DATA to one.`,
}

const remoteReasons: Record<string, string> = {
  ECONNREFUSED: 'The database server does not answer',
  ENOTFOUND: 'The database server cannot be found',
  EAI_AGAIN: 'The database server cannot be found',
  CONNECT_TIMEOUT: 'The database server does not answer',
  CONNECTION_CLOSED: 'The database server closed the connection',
  ERR_INVALID_URL: 'DATABASE_URL isn’t an address',
  '28P01': 'The database server does not take this name and password',
  '28000': 'The database server does not let this user in',
  '3D000': 'The database server has no such database',
  '42501': 'This user may not make tables in the database',
  '57P03': 'The database server is just starting or stopping',
}

/** The address without its password. */
function atServer(url: string): string {
  const shown = URL.canParse(url) ? new URL(url) : null
  const where = shown ? ` at ${shown.host}${shown.pathname}` : ''
  return `Look at the server${where} and at DATABASE_URL, then start again.`
}

/** The innermost code of an error: a query wraps that of its driver, and that one the system's. */
function codeOf(error: unknown): string {
  if (!(error instanceof Error)) return 'unknown'
  if (error.cause !== undefined) return codeOf(error.cause)
  if (error instanceof AggregateError && error.errors.length > 0) return codeOf(error.errors[0])
  return (error as { code?: string }).code ?? error.name
}

const wordsOf = (error: unknown): string =>
  error instanceof Error ? firstOf(error.message.split('\n')) : String(error)
