import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { PackDto } from '#shared/types/api'
import { fakeServer, lessonDto, refusal, type SentRequest } from '../testing/fakeServer'
import { useLesson } from './lesson'
import { useNotices } from './notices'
import { usePack } from './pack'

const packDto = (changes: Partial<PackDto> = {}): PackDto => ({
  seq: 0,
  supplies: [],
  offers: [],
  own: { lessonId: 'one', title: 'Ball bounce', from: '2026-03-09', to: '2026-03-09', madeAt: '2026-03-01' },
  others: [],
  ticks: [],
  counts: [],
  usedBefore: {},
  allergies: [],
  turn: 0,
  ...changes,
})
let server: ReturnType<typeof fakeServer>
const answer = ({ path }: SentRequest) => ({
  body: path.endsWith('/pack') ? packDto() : path.endsWith('/one') ? lessonDto() : {},
})
const later = (milliseconds = 10) => vi.advanceTimersByTimeAsync(milliseconds)
const ticksSent = () => server.of('PUT').filter((one) => one.path.endsWith('/ticks')).length

beforeEach(() => {
  vi.useFakeTimers()
  server = fakeServer(answer)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function opened() {
  await useLesson().load('one')
  const pack = usePack()
  await pack.load('one')
  return pack
}

describe('a kit that is fetched beside its lesson', () => {
  const tick = { materialId: 'kit-sheet', place: 'leaf', amount: 1 }

  it('misses no tick that came between the two, whichever was answered first', async () => {
    let now = { seq: 0, ticks: [] as (typeof tick)[] }
    server.answerWith(({ path }) =>
      path.endsWith('/pack') ? { body: packDto(now) } : { body: lessonDto({ seq: now.seq }) },
    )
    const pack = usePack()
    await pack.load('one')
    now = { seq: 1, ticks: [tick] }
    await useLesson().load('one')
    await later()
    expect(pack.ticks.get('kit-sheet|leaf')).toBe(1)
  })

  it('misses no tick that was told while it was on its way', async () => {
    let answerPack = () => {}
    let asked = 0
    server.answerWith(({ path }) => {
      if (!path.endsWith('/pack')) return { body: lessonDto() }
      asked++
      if (asked > 1) return { body: packDto({ seq: 1, ticks: [tick] }) }
      return new Promise((done) => (answerPack = () => done({ body: packDto() })))
    })
    await useLesson().load('one')
    const pack = usePack()
    const loading = pack.load('one')
    useLesson().apply({ kind: 'ticks', ticks: [tick], seq: 1 })
    answerPack()
    await loading
    await later()
    expect([pack.ticks.get('kit-sheet|leaf'), asked]).toEqual([1, 2])
  })
})

describe('ticks on their way', () => {
  it('count at once, and are kept until the server has them', async () => {
    const pack = await opened()
    pack.tick('kit-sheet', 'leaf', 1)
    expect(pack.ticks.get('kit-sheet|leaf')).toBe(1)
    expect(server.kept.size).toBe(1)
    await later()
    expect([pack.pending.length, server.kept.size, ticksSent()]).toEqual([0, 0, 1])
    expect(pack.ticks.get('kit-sheet|leaf')).toBe(1)
  })

  it.each([
    ['no network', 'offline' as const],
    ['a server in trouble', refusal(500, 'failed')],
  ])('are tried again after %s, also by a browser that was closed', async (_, trouble) => {
    const pack = await opened()
    server.answerWith((request) => (request.path.endsWith('/ticks') ? trouble : answer(request)))
    pack.tick('kit-sheet', 'leaf', 1)
    await later()
    expect(pack.pending).toHaveLength(1)
    setActivePinia(createPinia())
    server.answerWith(answer)
    const again = await opened()
    await later(4000)
    expect([again.pending.length, server.kept.size]).toEqual([0, 0])
  })

  it('that the server refuses are told and not sent again', async () => {
    const pack = await opened()
    server.answerWith((request) =>
      request.path.endsWith('/ticks') ? refusal(400, 'invalid') : answer(request),
    )
    pack.tick('kit-sheet', 'leaf', 1)
    await later()
    expect([pack.pending.length, pack.ticks.get('kit-sheet|leaf')]).toEqual([0, undefined])
    expect(useNotices().current?.text).toContain('refused')
    await later(9000)
    expect(ticksSent()).toBe(1)
  })

  it('of other people come in beside one’s own', async () => {
    const pack = await opened()
    pack.tick('kit-sheet', 'leaf', 1)
    useLesson().apply({
      seq: 1,
      kind: 'ticks',
      ticks: [{ materialId: 'kit-sheet', place: 'bell', amount: 1 }],
    })
    await later()
    expect(pack.ticks.get('kit-sheet|leaf')).toBe(1)
    expect(pack.ticks.get('kit-sheet|bell')).toBe(1)
  })
})

describe('the kit of the open lesson', () => {
  it('follows the plan at once, and a line that is taken out comes back by undo', async () => {
    const pack = await opened()
    const lesson = useLesson()
    const names = () => pack.lines.map((line) => line.material.name)
    expect(names()).toContain('metre stick')
    pack.takeOut(pack.lines.find((line) => line.material.name === 'metre stick')!)
    expect(names()).not.toContain('metre stick')
    lesson.undoPlan()
    expect(names()).toContain('metre stick')
  })

  it('ticks a whole row, and unticks it when all is ticked', async () => {
    const pack = await opened()
    const row = pack.cells.filter((cell) => cell.line.material.name === 'ball')
    pack.tickAll(row)
    expect(row.every(pack.isPacked)).toBe(true)
    pack.tickAll(row)
    expect(row.some(pack.isPacked)).toBe(false)
  })

  it('says that it is confirmed once the server says so', async () => {
    await opened()
    const lesson = useLesson()
    expect(lesson.confirmed).toBe(false)
    lesson.apply({
      seq: 1,
      kind: 'safety',
      safety: { initials: 'AB', at: '2026-03-09T08:00:00Z', beforeRule: false, stands: true },
    })
    expect(lesson.confirmed).toBe(true)
  })
})
