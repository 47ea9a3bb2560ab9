import { fork } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { median, quantile } from 'simple-statistics'
import { buildWhenNeeded } from '../../scripts/build'
import { startServer, type RunningServer } from '../../scripts/runServer'
import { figureLine, type Figure } from '../figure'
import type { DriveOrder, DriveReport } from './driver'
import { fetchLesson, makeLessons, setUp, type LoadedLesson } from './school'

// A whole school at work at once: 400 Sheets and 40 Desks in 40 lessons, each Sheet a reading every two seconds.
const { values: asked } = parseArgs({
  options: {
    seconds: { type: 'string', default: '60' },
    lessons: { type: 'string', default: '40' },
    processes: { type: 'string', default: '1' },
    // Whether teachers sign in and tablets join, or everybody sits at the machine.
    'sign-in': { type: 'string', default: 'on' },
  },
})
const [seconds, lessonCount, processes] = [asked.seconds, asked.lessons, asked.processes].map(Number) as [
  number,
  number,
  number,
]
const everySheet = 2000
const flatOut = { seconds: 10, atOnce: 64 }
const database = process.env.DATABASE_URL
const servers: RunningServer[] = []

async function startOne(): Promise<void> {
  servers.push(
    await startServer(mkdtempSync(join(tmpdir(), 'jolly-beaker-')), {
      environment: database ? { DATABASE_URL: database } : {},
    }),
  )
}

async function run(url: string, desk: string): Promise<void> {
  const lessons = await makeLessons(url, lessonCount, desk)
  console.log(
    `${lessonCount} lessons of ${lessons[0]!.groupIds.length} groups on ${database ? 'a server of PostgreSQL' : 'the embedded database'}`,
  )
  const one = await fastest(lessons, 1)
  while (servers.length < processes) await startOne()
  if (processes > 1) {
    const all = await fastest(await atTheirEnd(url, lessons), processes)
    console.log(
      figureLine({
        name: `throughput of ${processes} processes / of one`,
        value: all / one,
        unit: '',
        goal: null,
      }),
    )
  }
  await paced(url, await atTheirEnd(url, lessons))
}

/** Lessons with the cursors at which they stand now. */
const atTheirEnd = (url: string, lessons: LoadedLesson[]) =>
  Promise.all(
    lessons.map(async (lesson) => ({
      ...lesson,
      cursor: (await fetchLesson(url, lesson.id, lesson.deskCookie)).cursor,
    })),
  )

/** Readings a second when everybody sends as fast as it goes. */
async function fastest(lessons: LoadedLesson[], count: number): Promise<number> {
  const report = await drive({
    urls: urlsOf(count),
    lessons,
    seconds: flatOut.seconds,
    pace: { atOnce: flatOut.atOnce },
  })
  const value = report.answered.length / report.seconds
  console.log(
    figureLine({
      name: `readings a second, as fast as ${flatOut.atOnce} at once go, ${count} process${count > 1 ? 'es' : ''}`,
      ...{ value, unit: '', goal: null },
      note: `${report.answered.length} in ${report.seconds.toFixed(1)} s; ${failures(report)}`,
    }),
  )
  return value
}

async function paced(url: string, lessons: LoadedLesson[]): Promise<void> {
  const before = await countEntries(url, lessons)
  const memory = watchMemory()
  const report = await drive({ urls: urlsOf(processes), lessons, seconds, pace: { every: everySheet } })
  const grown = memory.growth()
  const kept = (await countEntries(url, lessons)) - before
  const rate = (lessonCount * lessons[0]!.groupIds.length * 1000) / everySheet
  const figures: Figure[] = [
    {
      name: 'readings a second',
      value: report.answered.length / report.seconds,
      unit: '',
      goal: { least: 0.99 * rate },
      note: `${report.answered.length} of ${report.sent.length} in ${report.seconds.toFixed(1)} s`,
    },
    {
      name: 'readings lost or doubled',
      value: Math.abs(report.sent.length - kept),
      unit: '',
      goal: { most: 0 },
      note: `${kept} kept; ${failures(report)}`,
    },
    {
      name: 'events missing or doubled on the screens',
      value: report.missing + report.doubled,
      unit: '',
      goal: { most: 0 },
      note: `${report.heard.length} came`,
    },
    {
      name: 'from the intended send to the event on a screen, 99 of 100',
      value: quantile(report.heard, 0.99),
      unit: 'ms',
      goal: { most: 250 },
      note: `half ${median(report.heard).toFixed(1)} ms`,
    },
    {
      name: 'longest wait for an answer or an event',
      value: most([...report.answered, ...report.heard]),
      unit: 'ms',
      goal: { most: 2000 },
    },
    ...(grown === null
      ? []
      : [
          {
            name: 'memory of the server from second 20 to the end',
            value: grown.percent,
            unit: '%',
            goal: { most: 10 },
            note: grown.note,
          } as Figure,
        ]),
    {
      name: 'the driver’s own lateness, 99 of 100',
      value: quantile(report.late, 0.99),
      unit: 'ms',
      goal: null,
      note: `most ${most(report.late).toFixed(1)} ms; ${(100 * report.cpu).toFixed(0)} % of a core; its loop waits ${report.loopDelay.toFixed(1)} ms, 99 of 100`,
    },
  ]
  for (const figure of figures) console.log(figureLine(figure))
}

const urlsOf = (count: number) => servers.slice(0, count).map((server) => server.url)
const most = (times: readonly number[]) => times.reduce((a, b) => Math.max(a, b), 0)
const failures = ({ refused }: DriveReport) =>
  Object.entries(refused)
    .map(([status, count]) => `${count} × ${status}`)
    .join(', ') || 'none refused'

async function countEntries(url: string, lessons: LoadedLesson[]): Promise<number> {
  let count = 0
  for (const { id, deskCookie } of lessons)
    count += new Set((await fetchLesson(url, id, deskCookie)).entries.map((entry) => entry.id)).size
  return count
}

/** Has the driver work in a process of its own. */
function drive(order: DriveOrder): Promise<DriveReport> {
  return new Promise((done, failed) => {
    const driver = fork(fileURLToPath(new URL('./driver.ts', import.meta.url)), {
      execArgv: ['--import', 'tsx'],
      serialization: 'advanced',
    })
    driver.once('message', (report) => done(report as DriveReport))
    driver.once('exit', (code) => failed(new Error(`the driver ended with ${code}`)))
    driver.send(order)
  })
}

/** Looks at the memory of the first server twice a second, where the system tells it. */
function watchMemory(): { growth: () => { percent: number; note: string } | null } {
  const start = Date.now()
  const seen: { at: number; megabytes: number }[] = []
  const timer = setInterval(() => {
    const megabytes = residentMegabytes(servers[0]!.process.pid!)
    if (megabytes !== null) seen.push({ at: (Date.now() - start) / 1000, megabytes })
  }, 500)
  const around = (from: number, to: number) =>
    seen.filter(({ at }) => at >= from && at <= to).map(({ megabytes }) => megabytes)
  return {
    growth: () => {
      clearInterval(timer)
      const [early, late] = [around(18, 22), around(seconds - 4, seconds)]
      if (early.length === 0 || late.length === 0) return null
      const [from, to] = [median(early), median(late)]
      return { percent: 100 * (to / from - 1), note: `${from.toFixed(0)} MB and ${to.toFixed(0)} MB` }
    },
  }
}

function residentMegabytes(pid: number): number | null {
  try {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024
  } catch {
    return null
  }
}

await buildWhenNeeded()
if (processes > 1 && !database) {
  console.error(
    'One folder is one process’s own. For several, set DATABASE_URL to an empty database on a server of PostgreSQL.',
  )
  process.exit(2)
}
try {
  await startOne()
  const { url } = servers[0]!
  const { signIn } = (await (await fetch(`${url}/api/access`)).json()) as { signIn: string | null }
  if (signIn !== null) {
    console.error('There is a school in this database. The load wants an empty one, since it fills it.')
    process.exitCode = 2
  } else await run(url, await setUp(url, asked['sign-in'] === 'off' ? 'off' : 'on'))
} finally {
  for (const server of servers) {
    await server.stop()
    server.forget()
  }
}
