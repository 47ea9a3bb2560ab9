import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { StreamMessage } from '#shared/types/api'
import { LiveStream, type LiveNews } from './liveStream'

/** A stream of events as the browser has it, for the test to speak over. */
class FakeSource {
  static opened: FakeSource[] = []
  onopen: () => void = () => {}
  onmessage: (event: { data: string }) => void = () => {}
  onerror: () => void = () => {}
  beat: () => void = () => {}
  isClosed = false
  constructor(readonly url: string) {
    FakeSource.opened.push(this)
  }
  addEventListener(_name: 'beat', heard: () => void) {
    this.beat = heard
  }
  close() {
    this.isClosed = true
  }
  say(message: StreamMessage) {
    this.onmessage({ data: JSON.stringify(message) })
  }
}

beforeEach(() => {
  vi.useFakeTimers()
  FakeSource.opened = []
  vi.stubGlobal('EventSource', FakeSource)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const open = () => FakeSource.opened.filter((one) => !one.isClosed)
const stage = (seq: number) => ({ kind: 'lesson', date: '2026-03-09', stage: 'test', seq }) as const

/** Somebody who hears a lesson, with the events that came and everything else that was told. */
function hearer(stream: LiveStream, lessonId: string, cursor: string) {
  const events: number[] = []
  const told: LiveNews['kind'][] = []
  const hear = (news: LiveNews) =>
    news.kind === 'event' ? events.push(news.event.seq) : told.push(news.kind)
  return { events, told, leave: stream.join({ lessonId, cursor, hear }) }
}

describe('one stream', () => {
  it('carries any number of lessons and tabs, each from its own cursor on', () => {
    const stream = new LiveStream()
    const [one, behind, other] = [
      hearer(stream, 'a', '5.500'),
      hearer(stream, 'a', '3.300'),
      hearer(stream, 'b', '0.0'),
    ]
    vi.advanceTimersByTime(100)
    expect(open().map((source) => source.url)).toEqual(['/api/events?after=a:5.500,a:3.300,b:0.0'])
    for (const seq of [4, 5, 6])
      open()[0]!.say({ lessonId: 'a', cursor: `${seq}.${seq}00`, event: stage(seq) })
    // What two places bring twice is heard once.
    open()[0]!.say({ lessonId: 'a', cursor: '6.600', event: stage(6) })
    open()[0]!.say({ lessonId: 'b', cursor: '1.10', event: stage(1) })
    expect([one.events, behind.events, other.events]).toEqual([[6], [4, 5, 6], [1]])
  })

  it('is opened anew for who comes later, from where each of the others is', () => {
    const stream = new LiveStream()
    hearer(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.say({ lessonId: 'a', cursor: '2.200', event: stage(2) })
    hearer(stream, 'b', '7.700')
    vi.advanceTimersByTime(100)
    expect(open().map((source) => source.url)).toEqual(['/api/events?after=a:2.200,b:7.700'])
  })

  it('comes back by itself after it broke off, from where it was, and says so', () => {
    const stream = new LiveStream()
    const one = hearer(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    open()[0]!.say({ lessonId: 'a', cursor: '2.200', event: stage(2) })
    open()[0]!.onerror()
    expect(open()).toEqual([])
    vi.advanceTimersByTime(3100)
    expect(open().map((source) => source.url)).toEqual(['/api/events?after=a:2.200'])
    open()[0]!.onopen()
    expect(one.told).toEqual(['connected', 'disconnected', 'connected'])
  })

  it('that is silent for two beats is opened anew, though nobody closed it, and says so', () => {
    const one = hearer(new LiveStream(), 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    for (let beats = 0; beats < 20; beats++) {
      vi.advanceTimersByTime(15_000)
      open()[0]!.beat()
    }
    expect([one.told, FakeSource.opened.length]).toEqual([['connected'], 1])
    vi.advanceTimersByTime(32_100)
    expect([one.told, FakeSource.opened.length, open().length]).toEqual([['connected', 'disconnected'], 2, 1])
    open()[0]!.onopen()
    expect(one.told.at(-1)).toBe('connected')
  })

  it('is opened anew at once for who comes back to the page after a silence, and left alone while it speaks', () => {
    const stream = new LiveStream()
    const one = hearer(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    vi.advanceTimersByTime(10_000)
    stream.look()
    expect(FakeSource.opened).toHaveLength(1)
    // The machine sleeps: its clock goes on, its timers do not.
    vi.setSystemTime(Date.now() + 60 * 60 * 1000)
    stream.look()
    vi.advanceTimersByTime(10)
    expect([one.told, FakeSource.opened.length]).toEqual([['connected', 'disconnected'], 2])
  })

  it('ends with the last who leaves', () => {
    const stream = new LiveStream()
    const [one, other] = [hearer(stream, 'a', '1.100'), hearer(stream, 'a', '1.100')]
    vi.advanceTimersByTime(100)
    one.leave()
    expect(open()).toHaveLength(1)
    other.leave()
    expect(open()).toEqual([])
  })

  it('sends off only those whose cursor the database does not know', () => {
    const stream = new LiveStream()
    const [ahead, fresh] = [hearer(stream, 'a', '9.900'), hearer(stream, 'a', '4.400')]
    vi.advanceTimersByTime(100)
    open()[0]!.say({ lessonId: 'a', anew: '9.900' })
    open()[0]!.say({ lessonId: 'a', cursor: '5.500', event: stage(5) })
    expect([ahead.told, ahead.events, fresh.told, fresh.events]).toEqual([['anew'], [], [], [5]])
  })
})
