import type { ApiProblem } from '#shared/types/api'

/** A request that the server refused or never got. */
export class RequestProblem extends Error {
  constructor(
    readonly problem: ApiProblem['error'],
    /** The server was not reached at all, so trying again makes sense. */
    readonly offline: boolean,
  ) {
    super(problem.message)
    this.name = 'RequestProblem'
  }
}

const unreachable = {
  code: 'failed' as const,
  message: 'The school’s machine does not answer. What you typed is kept here.',
  fields: [],
}

/** Sends a request and gives back its answer, or throws a problem in words for the person at the screen. */
export async function request<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'content-type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    })
  } catch {
    throw new RequestProblem(unreachable, true)
  }
  const answer = (await response.json().catch(() => null)) as T | ApiProblem | null
  if (response.ok) return answer as T
  if (answer && typeof answer === 'object' && 'error' in answer)
    throw new RequestProblem((answer as ApiProblem).error, false)
  throw new RequestProblem(unreachable, true)
}

/** The words for a caught problem. */
export function problemWords(error: unknown): string {
  if (error instanceof Error) return error.message
  return 'Something went wrong. Try again.'
}
