import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { StreamMessage } from '#shared/types/api'
import { LiveStream, type LiveMessage } from './liveStream'

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

/** A subscriber, with the events it received and every other message. */
function subscriber(stream: LiveStream, lessonId: string, cursor: string) {
  const events: number[] = []
  const others: LiveMessage['kind'][] = []
  const onMessage = (message: LiveMessage) =>
    message.kind === 'event' ? events.push(message.event.seq) : others.push(message.kind)
  return { events, others, unsubscribe: stream.subscribe({ lessonId, cursor, onMessage }) }
}

describe('one stream', () => {
  it('carries any number of lessons and tabs, each from its own cursor on', () => {
    const stream = new LiveStream()
    const [one, behind, other] = [
      subscriber(stream, 'a', '5.500'),
      subscriber(stream, 'a', '3.300'),
      subscriber(stream, 'b', '0.0'),
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
    subscriber(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.say({ lessonId: 'a', cursor: '2.200', event: stage(2) })
    subscriber(stream, 'b', '7.700')
    vi.advanceTimersByTime(100)
    expect(open().map((source) => source.url)).toEqual(['/api/events?after=a:2.200,b:7.700'])
  })

  it('comes back by itself after it broke off, from where it was, and says so', () => {
    const stream = new LiveStream()
    const one = subscriber(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    open()[0]!.say({ lessonId: 'a', cursor: '2.200', event: stage(2) })
    open()[0]!.onerror()
    expect(open()).toEqual([])
    vi.advanceTimersByTime(3100)
    expect(open().map((source) => source.url)).toEqual(['/api/events?after=a:2.200'])
    open()[0]!.onopen()
    expect(one.others).toEqual(['connected', 'disconnected', 'connected'])
  })

  it('that is silent for two beats is opened anew, though nobody closed it, and says so', () => {
    const one = subscriber(new LiveStream(), 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    for (let beats = 0; beats < 20; beats++) {
      vi.advanceTimersByTime(15_000)
      open()[0]!.beat()
    }
    expect([one.others, FakeSource.opened.length]).toEqual([['connected'], 1])
    vi.advanceTimersByTime(32_100)
    expect([one.others, FakeSource.opened.length, open().length]).toEqual([
      ['connected', 'disconnected'],
      2,
      1,
    ])
    open()[0]!.onopen()
    expect(one.others.at(-1)).toBe('connected')
  })

  it('is opened anew at once for who comes back to the page after a silence, and left alone while it speaks', () => {
    const stream = new LiveStream()
    const one = subscriber(stream, 'a', '1.100')
    vi.advanceTimersByTime(100)
    open()[0]!.onopen()
    vi.advanceTimersByTime(10_000)
    stream.wake()
    expect(FakeSource.opened).toHaveLength(1)
    // The machine sleeps: its clock goes on, its timers do not.
    vi.setSystemTime(Date.now() + 60 * 60 * 1000)
    stream.wake()
    vi.advanceTimersByTime(10)
    expect([one.others, FakeSource.opened.length]).toEqual([['connected', 'disconnected'], 2])
  })

  it('ends with the last who leaves', () => {
    const stream = new LiveStream()
    const [one, other] = [subscriber(stream, 'a', '1.100'), subscriber(stream, 'a', '1.100')]
    vi.advanceTimersByTime(100)
    one.unsubscribe()
    expect(open()).toHaveLength(1)
    other.unsubscribe()
    expect(open()).toEqual([])
  })

  it('sends off only those whose cursor the database does not know', () => {
    const stream = new LiveStream()
    const [ahead, fresh] = [subscriber(stream, 'a', '9.900'), subscriber(stream, 'a', '4.400')]
    vi.advanceTimersByTime(100)
    open()[0]!.say({ lessonId: 'a', anew: '9.900' })
    open()[0]!.say({ lessonId: 'a', cursor: '5.500', event: stage(5) })
    expect([ahead.others, ahead.events, fresh.others, fresh.events]).toEqual([['anew'], [], [], [5]])
  })
})
