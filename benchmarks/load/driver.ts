import { monitorEventLoopDelay } from 'node:perf_hooks'
import { Agent, request } from 'node:http'
import { v4 as randomId } from 'uuid'
import type { StreamMessage } from '../../shared/types/api'
import type { LoadedLesson } from './school'

/** What the driver is asked to do. */
export interface DriveOrder {
  urls: string[]
  lessons: LoadedLesson[]
  seconds: number
  /** Milliseconds from one reading of a Sheet to the next; null sends as fast as it goes, so many at a time. */
  pace: { every: number } | { atOnce: number }
}

/** What it saw. Times in ms. */
export interface DriveReport {
  sent: string[]
  /** Answers other than 200, with how often they came. */
  refused: Record<string, number>
  seconds: number
  /** From the moment at which a reading was to be sent to its answer, and to its event on each screen. */
  answered: number[]
  heard: number[]
  /** Events that never came, or came twice, over all screens. */
  missing: number
  doubled: number
  /** How late the driver itself sent, and what share of a core it took. */
  late: number[]
  cpu: number
  loopDelay: number
}

const agent = new Agent({ keepAlive: true, maxSockets: 1024 })
const waitForLast = 15_000

// A process of its own, so that what it costs is not the server's; it says how late it was itself.
process.on('message', (order: DriveOrder) => {
  void drive(order).then((report) => process.send!(report, () => process.exit(0)))
})

async function drive({ urls, lessons, seconds, pace }: DriveOrder): Promise<DriveReport> {
  const meant = new Map<string, number>()
  const [answered, heard, late]: [number[], number[], number[]] = [[], [], []]
  const refused: Record<string, number> = {}
  // Each lesson is heard by its Sheets and by one Desk.
  const screens = lessons.flatMap((lesson) =>
    [...lesson.cookies, lesson.deskCookie].map((cookie) => ({
      lesson,
      cookie,
      had: new Set<string>(),
      doubled: 0,
    })),
  )
  const closes = await Promise.all(
    screens.map((screen, index) =>
      hear(urls[index % urls.length]!, screen.lesson, screen.cookie, (ids) => {
        const now = performance.now()
        for (const id of ids) {
          if (screen.had.has(id)) screen.doubled++
          screen.had.add(id)
          heard.push(now - (meant.get(id) ?? now))
        }
      }),
    ),
  )
  const sheets = lessons.flatMap((lesson) =>
    lesson.groupIds.map((groupId, place) => ({ lesson, groupId, cookie: lesson.cookies[place]!, turn: 0 })),
  )
  const sentIn = new Map(lessons.map((lesson) => [lesson.id, 0]))
  const post = async (sheet: (typeof sheets)[number], when: number) => {
    const { lesson, groupId, cookie } = sheet
    const turn = sheet.turn++
    const id = randomId()
    meant.set(id, when)
    sentIn.set(lesson.id, sentIn.get(lesson.id)! + 1)
    late.push(performance.now() - when)
    const status = await send(
      urls[sheets.indexOf(sheet) % urls.length]!,
      lesson,
      cookie,
      entryOf(id, lesson, groupId, turn),
    )
    if (status === 200) answered.push(performance.now() - when)
    else refused[status] = (refused[status] ?? 0) + 1
  }
  const delay = monitorEventLoopDelay({ resolution: 5 })
  delay.enable()
  const before = process.cpuUsage()
  const start = performance.now()
  await ('every' in pace
    ? paced(sheets, post, start, seconds, pace.every)
    : flatOut(sheets, post, start, seconds, pace.atOnce))
  const took = performance.now() - start
  const used = process.cpuUsage(before)
  delay.disable()
  const due = lessons.reduce((sum, one) => sum + sentIn.get(one.id)! * (one.groupIds.length + 1), 0)
  const had = () => screens.reduce((sum, screen) => sum + screen.had.size, 0)
  for (const until = performance.now() + waitForLast; had() < due && performance.now() < until;)
    await pause(50)
  for (const close of closes) close()
  return {
    sent: [...meant.keys()],
    refused,
    seconds: took / 1000,
    answered,
    heard,
    late,
    missing: due - had(),
    doubled: screens.reduce((sum, screen) => sum + screen.doubled, 0),
    cpu: (used.user + used.system) / 1000 / took,
    loopDelay: delay.percentile(99) / 1e6,
  }
}

type Post<S> = (sheet: S, when: number) => Promise<void>

/** Each Sheet sends at its own times, whether or not what it sent before was answered. */
async function paced<S>(
  sheets: S[],
  post: Post<S>,
  start: number,
  seconds: number,
  every: number,
): Promise<void> {
  const sends: Promise<void>[] = []
  const count = Math.floor((seconds * 1000 * sheets.length) / every)
  for (let index = 0; index < count; index++) {
    const when = start + (index * every) / sheets.length
    const wait = when - performance.now()
    if (wait > 0) await pause(wait)
    sends.push(post(sheets[index % sheets.length]!, when))
  }
  await Promise.all(sends)
}

async function flatOut<S>(
  sheets: S[],
  post: Post<S>,
  start: number,
  seconds: number,
  atOnce: number,
): Promise<void> {
  let next = 0
  const one = async () => {
    while (performance.now() - start < seconds * 1000)
      await post(sheets[next++ % sheets.length]!, performance.now())
  }
  await Promise.all(Array.from({ length: atOnce }, one))
}

const pause = (wait: number) => new Promise((next) => setTimeout(next, wait))

function entryOf(id: string, { levelIds, readWith }: LoadedLesson, groupId: string, turn: number) {
  return {
    id,
    groupId,
    levelId: levelIds[turn % levelIds.length]!,
    tryNumber: 1 + (Math.floor(turn / levelIds.length) % 10),
    moment: '',
    fields: { value: { typed: '10', given: 'typed', value: 10 } },
    note: '',
    readWith,
    status: 'counted',
    reason: '',
    source: 'sheet',
    takenAt: new Date().toISOString(),
    supersedes: null,
  }
}

/** Sends an entry; gives back the status of the answer, or what went wrong. */
function send(url: string, lesson: LoadedLesson, cookie: string, entry: unknown): Promise<number | string> {
  const body = JSON.stringify({ entries: [entry] })
  return new Promise((done) => {
    const sent = request(
      `${url}/api/lessons/${lesson.id}/entries`,
      {
        method: 'POST',
        agent,
        headers: {
          'content-type': 'application/json',
          'content-length': Buffer.byteLength(body),
          cookie,
        },
      },
      (answer) => {
        answer.resume()
        answer.once('end', () => done(answer.statusCode ?? 0))
      },
    )
    sent.once('error', (error: NodeJS.ErrnoException) => done(error.code ?? error.message))
    sent.end(body)
  })
}

/** Opens the stream of a screen, once its first bytes are there; gives back how to close it. */
function hear(
  url: string,
  { id, cursor }: LoadedLesson,
  cookie: string,
  heard: (ids: string[]) => void,
): Promise<() => void> {
  return new Promise((done, failed) => {
    const opened = request(`${url}/api/events?after=${id}:${cursor}`, { headers: { cookie } }, (answer) => {
      let text = ''
      answer.setEncoding('utf8')
      answer.on('data', (part: string) => {
        text += part
        const blocks = text.split('\n\n')
        text = blocks.pop()!
        for (const block of blocks) {
          if (!block.startsWith('data: {')) continue
          const message = JSON.parse(block.slice(6)) as StreamMessage
          if ('anew' in message) throw new Error('a screen was told to begin anew')
          if (message.event.kind === 'entries') heard(message.event.entries.map((entry) => entry.id))
        }
      })
      answer.once('data', () => done(() => opened.destroy()))
    })
    opened.once('error', failed)
    opened.end()
  })
}
