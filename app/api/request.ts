import type { ApiProblem } from '#shared/types/api'

/** Refusals that are no word about what was sent: somebody must sign in, or the server asks for time. */
const passing = [401, 403, 408, 425, 429]
/** How long an answer may take, in ms; a picture on a slow network takes its time. */
const patience = { usual: 20_000, picture: 120_000 }

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

  /** Whether sending the same once more makes sense. */
  get passes(): boolean {
    return this.offline || this.status >= 500 || passing.includes(this.status)
  }
}

const unreachable = {
  code: 'failed' as const,
  message: 'The school’s machine does not answer. What you typed is kept here.',
  fields: [],
}

/**
 * Sends a request and gives back its answer, or throws a problem in words for the person at the screen. One that hangs is given up.
 * @param takes how long it may take
 */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
  takes: keyof typeof patience = 'usual',
): Promise<T> {
  let response: Response
  let answer: T | ApiProblem | null
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
      signal: AbortSignal.timeout(patience[takes]),
    })
    answer = (await response.json()) as T | ApiProblem
  } catch {
    // No answer, or half of one.
    throw new RequestProblem(unreachable, 0)
  }
  if (response.ok) return answer as T
  if (answer && typeof answer === 'object' && 'error' in answer)
    throw new RequestProblem((answer as ApiProblem).error, response.status)
  throw new RequestProblem(unreachable, 0)
}

/** The words for a caught problem. */
export function problemWords(error: unknown): string {
  if (error instanceof Error) return error.message
  return 'Something went wrong. Try again.'
}
