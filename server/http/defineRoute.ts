import { defineEventHandler, getRouterParam, setResponseStatus, type EventHandler, type H3Event } from 'h3'
import type { AnySchema } from 'joi'
import { validate, type Given } from '#shared/schemas'
import { checkRight, type Right, type VisitorOf } from '../access/rights'
import { visitorOf } from '../access/visitor'
import { countWrite } from '../access/writeLimit'
import { useDatabase } from '../database/client'
import { retryOnConflict } from '../database/retryOnConflict'
import { isDamage, isDiskFull, isDatabaseTimeout, isUniqueViolation } from '../database/sqlState'
import { ApiError, notFound, statusOf } from '../errors/apiError'
import { logProblem } from '../errors/logProblem'
import { recordAudit } from '../queries/people/audit'
import type { Visitor } from '../queries/people/sessions'
import { readJson } from './readBody'

interface Route<Wanted extends Right, Body extends AnySchema | undefined, Answer> {
  /** What somebody needs to use it. */
  right: Wanted
  /** What the body must be; a route without one reads none. */
  body?: Body
  /** What the school's admins can look up later that somebody did: "saved the readings of a lesson as a file". */
  did?: string
  /** Bytes; the default suits a plan. */
  limit?: number
  handle: (request: {
    event: H3Event
    body: Taken<Body>
    visitor: VisitorOf[Wanted]
  }) => Answer | Promise<Answer>
}

/** What a schema lets through; nothing where there is none. */
type Taken<Body extends AnySchema | undefined> = Body extends AnySchema ? Given<Body> : undefined

/** What a route takes and gives, as its schema and its handler say; the pages' calls are checked against it. */
type TypedHandler<Body, Answer> = EventHandler<{ body: Body }, Promise<Answer>>

/** What a route takes. */
export type TakenBy<Handler> = Handler extends TypedHandler<infer Body, unknown> ? Body : undefined

/** A route: who asks and what is sent are checked at the door, its problems told in one shape, nothing of its inside shown. */
export function defineRoute<Wanted extends Right, Answer, Body extends AnySchema | undefined = undefined>({
  right,
  body: schema,
  did,
  limit = 200_000,
  handle,
}: Route<Wanted, Body, Answer>): TypedHandler<Taken<Body>, Answer> & { right: Right } {
  const handler = defineEventHandler<{ body: Taken<Body> }, Promise<Answer>>(async (event) => {
    try {
      const visitor = await admit(event, right)
      if (visitor?.kind === 'sheet' && event.method !== 'GET') await countWrite(visitor.sessionId)
      const body = (schema && check(schema, await readJson(event, limit))) as Taken<Body>
      const answer = await retryOnConflict(() => handle({ event, body, visitor }))
      if (did !== undefined) await recordAudit(useDatabase(), whoIs(visitor), did)
      return answer
    } catch (error) {
      // Whoever asked hears a problem by its status, and never takes this for an answer.
      return refused(event, toApiError(error)) as Answer
    }
  })
  return Object.assign(handler, { right })
}

const whoIs = (visitor: Visitor | null) =>
  visitor?.kind === 'teacher' ? visitor.name : 'A screen of a lesson'

/**
 * Lets somebody in who has a right, or throws what to tell them.
 * @throws ApiError
 */
export async function admit<Wanted extends Right>(event: H3Event, right: Wanted): Promise<VisitorOf[Wanted]> {
  const visitor = right === 'anyone' ? null : await visitorOf(event)
  return checkRight(right, visitor, (what) => idParam(event, what))
}

/** Answers with a problem. */
export function refused(event: H3Event, problem: ApiError) {
  setResponseStatus(event, statusOf[problem.code])
  return problem.toBody()
}

function check<Of extends AnySchema>(schema: Of, input: unknown): Given<Of> {
  const checked = validate(schema, input)
  if (checked.ok) return checked.value
  const [first] = checked.fields
  const more = checked.fields.length > 1 ? ` (and ${checked.fields.length - 1} more)` : ''
  throw new ApiError('invalid', `${first?.message ?? 'This cannot be saved.'}${more}`, checked.fields)
}

/** What may be told of an error; the rest goes to the server's own log. */
export function toApiError(error: unknown): ApiError {
  if (error instanceof ApiError) return error
  if (isUniqueViolation(error))
    return new ApiError('conflict', 'Somebody else has just saved this. Reload the page to see it.')
  logProblem(error)
  return new ApiError('failed', wordsOf(error))
}

/** What somebody at a screen can do about a fault of the machine. */
function wordsOf(error: unknown): string {
  if (isDamage(error))
    return 'Part of the data on the school’s machine is damaged, so we can’t read it. Ask whoever looks after the machine to stop Jolly Beaker and restore a backup: npm run restore.'
  if (isDiskFull(error))
    return 'The disk of the school’s machine is full, so nothing more can be saved. Make room on it, then try again.'
  if (isDatabaseTimeout(error))
    return 'The database on the school’s machine is taking too long to answer. Wait a moment and check whether your change is there, then try again.'
  return 'Something went wrong on the school’s machine. Nothing was changed. Try again.'
}

const guid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i

/** Whether a text may be one of our identifiers. */
export const isId = (text: string) => guid.test(text)

/** An identifier in the path; one that cannot be ours is simply not found. */
export function idParam(event: H3Event, what: string, name = 'id'): string {
  const id = getRouterParam(event, name) ?? ''
  if (!isId(id)) throw notFound(what)
  return id.toLowerCase()
}
