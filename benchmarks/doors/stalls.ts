import sharp from 'sharp'
import { writeInvestigation } from '../../core/format'
import { newId, planLimits, type Plan } from '../../core/plan'
import type { ClassDto, LessonDto } from '../../shared/types/api'
import { makeDataFolder } from '../../scripts/makeDataFolder'
import { startServer } from '../../scripts/runServer'
import { classInput, sentEntry } from '../../server/testing/examples'
import type { Figure } from '../figure'

const goal = 250
const askEvery = 10

/** One request at its largest, or as many as a class sends at once. */
interface Heavy {
  name: string
  send: () => Promise<Response[]>
}

/** The longest that somebody else waits for a class from the database while each door has its hands full, on the built application. */
export async function stalls(): Promise<Figure[]> {
  const server = await startServer(await makeDataFolder('empty'))
  try {
    const heavies = await largest(server.url)
    const figures: Figure[] = []
    for (const { name, send } of heavies) {
      let done = false
      const sending = send().finally(() => (done = true))
      let longest = 0
      while (!done) {
        const start = performance.now()
        await (await fetch(`${server.url}/api/classes`)).text()
        longest = Math.max(longest, performance.now() - start)
        await new Promise((next) => setTimeout(next, askEvery))
      }
      const statuses = [...new Set((await sending).map((one) => one.status))].join(', ')
      figures.push({
        name: `the longest that others wait during ${name}`,
        value: longest,
        unit: 'ms',
        goal: { most: goal },
        note: `answered with ${statuses}`,
      })
    }
    return figures
  } finally {
    await server.stop()
    server.forget()
  }
}

async function largest(url: string): Promise<Heavy[]> {
  const send = (method: string, path: string, body: object | Buffer) =>
    fetch(url + path, {
      method,
      headers: { 'content-type': Buffer.isBuffer(body) ? 'application/octet-stream' : 'application/json' },
      body: Buffer.isBuffer(body) ? new Uint8Array(body) : JSON.stringify(body),
    })
  const taken = async <T>(method: string, path: string, body: object) =>
    (await (await send(method, path, body)).json()) as T
  const own = await taken<ClassDto>('POST', '/api/classes', largeClass())
  const begin = async () => {
    const from = { kind: 'starter', id: 'ball-bounce' }
    const { id } = await taken<{ id: string }>('POST', '/api/lessons', {
      classId: own.id,
      date: '2026-03-09',
      from,
    })
    return (await (await fetch(`${url}/api/lessons/${id}`)).json()) as LessonDto
  }
  const [planned, timed, written, seen] = [await begin(), await begin(), await begin(), await begin()]
  const largePlan = atLimits(timed.plan)
  await send('PUT', `/api/lessons/${timed.id}/plan`, { plan: largePlan, version: 0 })
  await send('POST', `/api/lessons/${written.id}/safety`, { initials: 'AB', version: 0 })
  const [photo, drawing] = [await picture(4900, 'jpeg'), await picture(4900, 'png')]
  const observation = (image: Buffer) => ({
    ...{ groupId: null, kind: 'noticed', text: 'It spins', about: null, source: 'sheet' },
    seenAt: '2026-03-09T10:20:00.000Z',
    picture: image.toString('base64'),
  })
  const file = writeInvestigation(planned.plan, {}).replace(
    '"pictures": {}',
    `"pictures": ${manyPictures(drawing)}`,
  )
  const one = (name: string, method: string, path: string, body: object | Buffer): Heavy => ({
    name,
    send: async () => [await send(method, path, body)],
  })
  const calendar = '/api/school/calendar-preview'
  return [
    one('a calendar file of 990 kB', 'POST', calendar, { text: calendarOf(990_000) }),
    one('a calendar whose rule has no end', 'POST', calendar, { text: endless }),
    one('a list of supplies of 500 lines', 'POST', '/api/school/supplies/preview', { csv: suppliesOf(500) }),
    one('a class list', 'POST', `/api/classes/${own.id}/roster-preview`, {
      csv: `name\n${'Ada\n'.repeat(4000)}`,
    }),
    one('an investigation file of 8 MB', 'POST', '/api/investigations/import', { text: file }),
    one('a plan at its limits', 'PUT', `/api/lessons/${planned.id}/plan`, {
      plan: atLimits(planned.plan),
      version: 0,
    }),
    one('pressing Start for a plan at its limits', 'POST', `/api/lessons/${timed.id}/clock`, {
      act: { kind: 'start' },
      version: 0,
    }),
    one('400 readings at once', 'POST', `/api/lessons/${written.id}/entries`, {
      entries: Array.from({ length: 400 }, () => sentEntry(written)),
    }),
    one('a drawing of 24 million dots', 'POST', '/api/pictures', drawing),
    {
      name: 'sixty photos of one class at once',
      send: () =>
        Promise.all(
          Array.from({ length: 60 }, () =>
            send('PUT', `/api/lessons/${seen.id}/observations/${newId()}`, observation(photo)),
          ),
        ),
    },
  ]
}

function largeClass() {
  const input = classInput()
  return { ...input, name: 'Large' }
}

function atLimits(plan: Plan): Plan {
  const [level] = plan.levels
  return {
    ...plan,
    levels: Array.from({ length: planLimits.levels }, (_, index) => ({
      ...level!,
      id: newId(),
      value: 10 + index,
    })),
    tries: planLimits.tries,
    keptSame: Array.from({ length: planLimits.keptSame }, (_, index) => ({
      id: newId(),
      name: `thing ${index}`,
      how: 'the same every time',
      was: null,
    })),
  }
}

const event = (index: number) =>
  `BEGIN:VEVENT\r\nUID:${index}\r\nDTSTART;VALUE=DATE:20260501\r\nSUMMARY:day ${index}\r\nEND:VEVENT\r\n`
function calendarOf(letters: number): string {
  let events = ''
  for (let index = 0; events.length < letters - 100; index++) events += event(index)
  return `BEGIN:VCALENDAR\r\n${events}END:VCALENDAR\r\n`
}
const endless = `BEGIN:VCALENDAR\r\n${event(0).replace('SUMMARY', 'RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30\r\nSUMMARY')}END:VCALENDAR\r\n`
const suppliesOf = (lines: number) =>
  `name,amount,care\n${Array.from({ length: lines }, (_, index) => `thing ${index},12,${'W'.repeat(200)}`).join('\n')}`
/** A picture that compresses badly, as a photo does. */
const picture = (side: number, format: 'jpeg' | 'png') =>
  sharp({
    create: { width: side, height: side, channels: 3, background: '#446688' },
  })
    .toFormat(format)
    .toBuffer()
function manyPictures(image: Buffer): string {
  const text = image.toString('base64')
  const count = Math.floor(7_500_000 / (text.length + 50))
  return JSON.stringify(
    Object.fromEntries(Array.from({ length: Math.min(count, 400) }, () => [newId(), text])),
  )
}
