import { defined } from '#core/defined'
import { createEventHook } from '@vueuse/core'
import type { InternalApi } from 'nitropack/types'
import type { FetchError } from 'ofetch'
import type { ApiProblem } from '#shared/types/api'
import { trackPending } from '../loading/idle'

/** Refusals that are no word about what was sent: somebody must sign in, or the server asks for time. */
const passing = [401, 403, 408, 425, 429]
/** How long an answer may take, in ms; a picture on a slow network takes its time. */
const timeouts = { usual: 20_000, picture: 120_000 }

/** A request that the server refused, failed at, or never got. */
export class RequestProblem extends Error {
  constructor(
    readonly problem: ApiProblem['error'],
    /** As the server answered; 0 where no answer came. */
    readonly status: number,
  ) {
    super(problem.message)
    this.name = 'RequestProblem'
  }

  /** Whether no answer came, so that nothing else will get through either. */
  get offline(): boolean {
    return this.status === 0
  }

  /** Whether somebody has to come in first; the page goes there by itself. */
  get needsSignIn(): boolean {
    return this.problem.code === 'set-up' || this.problem.code === 'sign-in'
  }

  /** Whether sending the same once more makes sense. */
  get passes(): boolean {
    return this.offline || this.status >= 500 || passing.includes(this.status)
  }
}

/** Why a page can’t go on: nobody has set up the school, or nobody is signed in. */
export type SignInNeed = 'set-up' | 'sign-in'
const signInNeeded = createEventHook<SignInNeed>()
/** Calls back when the server answers only those who have come in. */
export const onSignInNeeded = signInNeeded.on

const unreachable = {
  code: 'failed' as const,
  message: 'The school’s machine isn’t answering. Nothing you typed is lost. Try again in a moment.',
  fields: [],
}

type Path = keyof InternalApi & `/api/${string}`
type MethodOf<P extends Path> = Uppercase<
  Extract<keyof InternalApi[P], 'get' | 'post' | 'put' | 'patch' | 'delete'>
>
type Names<P> = P extends `${string}:${infer Name}/${infer Rest}`
  ? Name | Names<`/${Rest}`>
  : P extends `${string}:${infer Name}`
    ? Name
    : never
/** What the route takes, by what `nuxt.config.ts` writes down of each. */
type TakenAt<P extends Path, M extends MethodOf<P>> = `takes ${P}` extends keyof InternalApi
  ? Lowercase<M> extends keyof InternalApi[`takes ${P}`]
    ? InternalApi[`takes ${P}`][Lowercase<M>]
    : undefined
  : undefined
type GivenAt<P extends Path, M extends MethodOf<P>> =
  Lowercase<M> extends keyof InternalApi[P] ? InternalApi[P][Lowercase<M>] : never

/** What goes with a request: the names in its path, what the route takes, or the bytes of a file. */
type Sent<P extends Path, M extends MethodOf<P>> = ([Names<P>] extends [never]
  ? { params?: undefined }
  : { params: Record<Names<P>, string> }) &
  (TakenAt<P, M> extends undefined ? { body?: Blob } : { body: TakenAt<P, M> }) & {
    /** How long an answer may take. */
    takes?: keyof typeof timeouts
  }

/**
 * Sends a request and gives back its answer, or throws a problem in words for the person at the screen. One that hangs is given up.
 * What may be sent and what comes back follow from the route of that name in `server/api`.
 * @example await request('PUT', '/api/lessons/:id/plan', { params: { id }, body: { plan, version } }) // { planVersion: 4 }
 */
export async function request<P extends Path, M extends MethodOf<P>>(
  method: M,
  path: P,
  ...[sent]: Partial<Sent<P, M>> extends Sent<P, M> ? [Sent<P, M>?] : [Sent<P, M>]
): Promise<GivenAt<P, M>> {
  const {
    params,
    body,
    takes = 'usual',
  } = (sent ?? {}) as {
    params?: Record<string, string>
    body?: object
    takes?: keyof typeof timeouts
  }
  const address = path.replace(/:(\w+)/g, (_whole, name: string) =>
    encodeURIComponent(defined(defined(params)[name])),
  )
  try {
    return await trackPending(
      $fetch<GivenAt<P, M>>(address, {
        method,
        body,
        retry: false,
        timeout: timeouts[takes],
        // Half an answer is none.
        parseResponse: (text) => JSON.parse(text) as GivenAt<P, M>,
      }),
    )
  } catch (error) {
    const answer = (error as FetchError<ApiProblem>).response
    const problem = answer?._data?.error
    if (problem?.code === 'set-up' || problem?.code === 'sign-in') void signInNeeded.trigger(problem.code)
    throw problem ? new RequestProblem(problem, answer.status) : new RequestProblem(unreachable, 0)
  }
}

/** The words for a caught problem. */
export function problemWords(error: unknown): string {
  if (error instanceof Error) return error.message
  return 'Something went wrong. Try again.'
}
