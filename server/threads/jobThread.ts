import { defined } from '../../core/defined'
import { parentPort } from 'node:worker_threads'
import { jobs, type Jobs } from './jobs'

/** One job for the thread: its name, and what the function of that name takes. */
export interface Asked {
  job: keyof Jobs
  given: unknown[]
}

/** What a job came to, or the words of its error. */
export type Answered = { ok: true; answer: unknown } | { ok: false; message: string }

// A thread of its own for what reads files and works out timetables: it is ended when it takes too long, and the program goes on.
defined(parentPort).on('message', ({ job, given }: Asked) =>
  defined(parentPort).postMessage(done(job, given)),
)
defined(parentPort).postMessage('ready')

function done(job: keyof Jobs, given: unknown[]): Answered {
  try {
    return { ok: true, answer: (jobs[job] as (...given: unknown[]) => unknown)(...given) }
  } catch (error) {
    return { ok: false, message: error instanceof Error ? error.message : String(error) }
  }
}
