import type { Worker } from 'node:worker_threads'
import { Mutex } from 'async-mutex'
import { ApiError } from '../errors/apiError'
import type { Answered, Asked } from './jobThread'
import type { Jobs } from './jobs'
import { loadThread } from './loadThread'

/** MB that a thread may use; one that wants more is ended like one that takes too long. */
const memory = 400

const busy = new ApiError('busy', 'The school’s machine is busy. Nothing is lost. Try again in a moment.')

/** A thread that does one job after another, made when it is first needed and again when one was ended. */
class Lane {
  /** @param mostWaiting how many may wait; whoever is last of them must not wait for longer than a page does */
  constructor(private readonly mostWaiting: number) {}
  private readonly turns = new Mutex()
  private waiting = 0
  private thread: Promise<Worker> | null = null

  async run({ job, given }: Asked, within: number, tooLong: ApiError): Promise<unknown> {
    if (this.waiting >= this.mostWaiting) throw busy
    this.waiting++
    try {
      return await this.turns.runExclusive(() => this.next({ job, given }, within, tooLong))
    } finally {
      this.waiting--
    }
  }

  private async next(asked: Asked, within: number, tooLong: ApiError): Promise<unknown> {
    const thread = await (this.thread ??= started()).catch((error: unknown) => {
      // The next job tries once more.
      this.thread = null
      throw error
    })
    const answered = await Promise.race([answerOf(thread, asked), after(within)])
    if (answered === 'ended' || answered === 'too long') {
      this.thread = null
      await thread.terminate()
      throw tooLong
    }
    if (!answered.ok) throw new Error(answered.message)
    return answered.answer
  }
}

/** A plan's timetable does not wait for somebody's file. */
const lanes = { files: new Lane(8), plans: new Lane(30) }

async function started(): Promise<Worker> {
  const thread = loadThread('jobThread', {}, { resourceLimits: { maxOldGenerationSizeMb: memory } })
  // Whoever asks hears of its end; there may be nobody.
  thread.on('error', () => {})
  thread.unref()
  await new Promise<void>((ready, fail) => {
    thread.once('message', () => ready())
    thread.once('error', fail)
  })
  return thread
}

function answerOf(thread: Worker, asked: Asked): Promise<Answered | 'ended'> {
  return new Promise((done) => {
    const ended = () => done('ended')
    thread.once('exit', ended)
    thread.once('message', (answered: Answered) => {
      thread.off('exit', ended)
      done(answered)
    })
    thread.postMessage(asked)
  })
}

const after = (milliseconds: number) =>
  new Promise<'too long'>((done) => setTimeout(() => done('too long'), milliseconds).unref())

type FileJob = Exclude<keyof Jobs, 'stepsOfPlan'>

/** Milliseconds that reading a file may take; a lesson with all its pictures is the largest. */
const fileWithin = (job: FileJob) => (job === 'unzipArchive' ? 20_000 : 2000)

/**
 * Reads a file beside the program, which goes on answering.
 * @throws ApiError in words for whoever sent the file, where it takes too long
 */
export async function readInThread<Job extends FileJob>(
  job: Job,
  ...given: Parameters<Jobs[Job]>
): Promise<ReturnType<Jobs[Job]>> {
  const tooLong = new ApiError(
    'invalid',
    'We couldn’t read this file in time. Nothing was changed. Try a smaller one; for a calendar, export only the holidays.',
  )
  return (await lanes.files.run({ job, given }, fileWithin(job), tooLong)) as ReturnType<Jobs[Job]>
}

/** Milliseconds that the timetable of the largest plan may take on a slow machine. */
const planWithin = 20_000

/**
 * Works out the steps of a plan beside the program.
 * @throws ApiError where it takes too long
 */
export async function stepsInThread(
  ...given: Parameters<Jobs['stepsOfPlan']>
): Promise<ReturnType<Jobs['stepsOfPlan']>> {
  const tooLong = new ApiError(
    'invalid',
    'We couldn’t work out the timetable of this plan. Use fewer levels or tries, then press Start again.',
  )
  return (await lanes.plans.run({ job: 'stepsOfPlan', given }, planWithin, tooLong)) as ReturnType<
    Jobs['stepsOfPlan']
  >
}
