import { expect, it, vi } from 'vitest'
import { starters } from '#starters'
import { readClosedDays } from '#core/format'
import { usualCupboard } from '#core/instrument'
import { checkFits, clockSteps } from '#core/timetable'
import { readInThread, stepsInThread } from './inThread'
import * as threads from './loadThread'

const today = '2026-03-09'
const holidays = 'from,to,name\n2026-04-06,2026-04-17,spring holiday'
/** The thirtieth of February, which never comes: whoever looks for the next one looks for ever. */
const never =
  'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20260101\r\n' +
  'RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n'

it('reads a file as the core does', async () => {
  expect(await readInThread('readClosedDays', holidays, today)).toEqual(readClosedDays(holidays, today))
})

it('gives up a file that is never read to its end, says so, and reads the next one', async () => {
  const turns = { before: 0, after: 0 }
  const counting = setInterval(() => turns.after++, 20)
  const [odd, next] = await Promise.allSettled([
    readInThread('readClosedDays', never, today),
    readInThread('readClosedDays', holidays, today),
  ])
  clearInterval(counting)
  expect(odd).toMatchObject({ status: 'rejected', reason: { code: 'invalid' } })
  expect(String((odd as PromiseRejectedResult).reason)).toMatch(/couldn’t read this file in time/)
  expect(next).toMatchObject({ status: 'fulfilled', value: { closed: [{ name: 'spring holiday' }] } })
  // Everything else went on meanwhile.
  expect(turns.after).toBeGreaterThan(5)
})

it('lets no more wait than a school can be', async () => {
  const all = await Promise.allSettled(
    Array.from({ length: 20 }, () => readInThread('readClosedDays', holidays, today)),
  )
  const busy = all.flatMap((one) => (one.status === 'rejected' ? [one.reason as { code: string }] : []))
  expect(busy.length).toBe(12)
  expect(new Set(busy.map(({ code }) => code))).toEqual(new Set(['busy']))
})

it('works out the steps of a plan as the core does', async () => {
  const { plan } = starters[0]!
  const context = { age: '7-9' as const, groups: 6, lessonMinutes: 45, cupboard: usualCupboard('metric') }
  expect(await stepsInThread(plan, context)).toEqual(clockSteps(checkFits(plan, context).lessons))
})

it('tries again with the next file when a thread could not start', async () => {
  vi.resetModules()
  vi.doMock(import('./loadThread'), () => ({
    loadThread: vi.fn(threads.loadThread).mockImplementationOnce(() => {
      throw new Error('no room for a thread')
    }),
  }))
  const fresh = await import('./inThread')
  await expect(fresh.readInThread('readClosedDays', holidays, today)).rejects.toThrow('no room')
  expect((await fresh.readInThread('readClosedDays', holidays, today)).closed).toHaveLength(1)
  vi.doUnmock('./loadThread')
})
