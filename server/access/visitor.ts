import type { H3Event } from 'h3'
import { useDatabase, useOpenDatabase } from '../database/client'
import type { Database } from '../database/database'
import type { SignInMode } from '../database/schema'
import { ApiError } from '../errors/apiError'
import { schoolAccess } from '../queries/people/schoolAccess'
import { hashOf } from '../queries/people/secrets'
import { findVisitor, type TeacherVisitor, type Visitor } from '../queries/people/sessions'
import { isLocalRequest } from './address'
import { sessionSecret } from './cookie'
import { makeAttemptLimits, type AttemptLimits } from './attemptLimits'

/**
 * How long an answer of the database holds, in ms. An embedded one belongs to this program alone, which forgets what it has changed; on a
 * server whoever was sent away by another program may act so long still.
 */
const holds = { embedded: 60_000, server: 5000 }
/** Sessions that are remembered: more than a school has devices. */
const mostRemembered = 5000

interface Remembered<T> {
  value: T
  at: number
}

const isFresh = ({ at }: Remembered<unknown>): boolean =>
  Date.now() - at <= (useOpenDatabase().folder === null ? holds.server : holds.embedded)

/** What is remembered of each open database. */
interface Memory {
  mode: Remembered<SignInMode | null> | null
  visitors: Map<string, Remembered<Visitor | null>>
  limits: AttemptLimits
}
const memories = new WeakMap<Database, Memory>()

function memoryOf(db: Database): Memory {
  const memory = memories.get(db) ?? { mode: null, visitors: new Map(), limits: makeAttemptLimits() }
  memories.set(db, memory)
  return memory
}

/** The limits on wrong attempts of the open school. */
export const useAttemptLimits = (): AttemptLimits => memoryOf(useDatabase()).limits

/** To be called when a session, a teacher or the way in has changed. */
export function forgetVisitors(): void {
  const memory = memoryOf(useDatabase())
  memory.mode = null
  memory.visitors.clear()
}

/** Whoever sits at the school's machine, where nobody signs in. */
const thisDevice: TeacherVisitor = {
  kind: 'teacher',
  sessionId: null,
  id: null,
  name: 'At this machine',
  role: 'admin',
}

/** Whether teachers sign in; null until somebody has said. */
export async function signInMode(): Promise<SignInMode | null> {
  const memory = memoryOf(useDatabase())
  if (!memory.mode || !isFresh(memory.mode))
    memory.mode = { value: (await schoolAccess(useDatabase())).signIn, at: Date.now() }
  return memory.mode.value
}

/**
 * Who asks; null for nobody.
 * @throws ApiError while nobody has said how people come in, and where this device is the only one that is served
 */
export async function visitorOf(event: H3Event): Promise<Visitor | null> {
  const mode = await signInMode()
  if (mode === null)
    throw new ApiError(
      'set-up',
      'Nobody has set up this school yet. Open Jolly Beaker on the school’s machine.',
    )
  if (mode === 'off') {
    if (isLocalRequest(event)) return thisDevice
    throw new ApiError(
      'not-allowed',
      'Jolly Beaker can be used only on the computer it runs on. To use it from here, let teachers sign in: on that computer, under School, People.',
    )
  }
  const secret = sessionSecret(event)
  return secret === undefined ? null : remembered(secret)
}

async function remembered(secret: string): Promise<Visitor | null> {
  const { visitors } = memoryOf(useDatabase())
  const key = hashOf(secret)
  const before = visitors.get(key)
  if (before && isFresh(before)) return before.value
  const value = await findVisitor(useDatabase(), secret)
  if (visitors.size >= mostRemembered) visitors.clear()
  visitors.set(key, { value, at: Date.now() })
  return value
}
