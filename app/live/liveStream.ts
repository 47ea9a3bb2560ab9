import { heartbeatInterval } from '#shared/lesson/heartbeat'
import type { LessonEvent, StreamMessage } from '#shared/types/api'

/** What a subscriber is told about its lesson. */
export type LiveMessage =
  | { kind: 'connected' }
  | { kind: 'disconnected' }
  | { kind: 'event'; event: LessonEvent; cursor: string }
  /** This screen and the database have diverged: fetch the lesson and subscribe from there. */
  | { kind: 'anew' }

/** A lesson that is open somewhere, and the last event that was delivered there. */
export interface Subscription {
  lessonId: string
  cursor: string
  onMessage: (message: LiveMessage) => void
}

/** The sequence number of a cursor within its lesson. */
const seqOf = (cursor: string) => Number(cursor.split('.')[0])

/** The most lessons that one stream follows; the oldest subscriptions are stale by then. */
const mostLessons = 50
/** Milliseconds to wait for further subscribers, as when a browser restores its tabs, before one stream is opened for all. */
const openDelay = 30
/** Milliseconds without a message after which a stream is dead, even if it never closed: two heartbeats missed. */
const silenceLimit = 2 * heartbeatInterval + 2000
/** The same when somebody comes back to the page: one heartbeat missed is enough. */
const wakeSilenceLimit = heartbeatInterval + 2000
/** Spread out, so that not all screens of a school reconnect at the same moment. */
const reconnectDelay = () => 1000 + 2000 * Math.random()

/**
 * One event stream for any number of subscribers, since a browser allows few connections to a server and streams never end. Each
 * subscriber gets every event of its lesson after its own cursor, once and in order.
 */
export class LiveStream {
  private readonly subscriptions = new Set<Subscription>()
  private source: EventSource | null = null
  private openTimer: ReturnType<typeof setTimeout> | undefined
  private silenceTimer: ReturnType<typeof setTimeout> | undefined
  private lastMessageAt = 0

  /** Adds a subscription and returns a function that removes it. */
  subscribe(subscription: Subscription): () => void {
    this.subscriptions.add(subscription)
    this.openIn(openDelay)
    return () => this.unsubscribe(subscription)
  }

  /** Reopens the stream at once if it has been silent for long; to be called when a page or the machine wakes up. */
  wake(): void {
    if (this.source && Date.now() - this.lastMessageAt > wakeSilenceLimit) this.reopen(0)
  }

  private unsubscribe(subscription: Subscription): void {
    this.subscriptions.delete(subscription)
    // Events of its lesson are ignored until the stream is reopened.
    if (this.subscriptions.size === 0) this.close()
  }

  private openIn(delay: number): void {
    clearTimeout(this.openTimer)
    this.openTimer = setTimeout(() => this.open(), delay)
  }

  private open(): void {
    this.close()
    const positions = [
      ...new Set([...this.subscriptions].map(({ lessonId, cursor }) => `${lessonId}:${cursor}`)),
    ]
    if (positions.length === 0) return
    this.source = new EventSource(`/api/events?after=${positions.slice(-mostLessons).join(',')}`)
    this.restartSilenceTimer()
    this.source.onopen = () => {
      this.restartSilenceTimer()
      this.tellAll('connected')
    }
    this.source.addEventListener('beat', () => this.restartSilenceTimer())
    this.source.onmessage = ({ data }: MessageEvent<string>) => {
      this.restartSilenceTimer()
      this.deliver(JSON.parse(data) as StreamMessage)
    }
    // The browser's own retry would start from the cursor with which this stream was opened.
    this.source.onerror = () => this.reopen(reconnectDelay())
  }

  private restartSilenceTimer(): void {
    this.lastMessageAt = Date.now()
    clearTimeout(this.silenceTimer)
    this.silenceTimer = setTimeout(() => this.reopen(0), silenceLimit)
  }

  private reopen(delay: number): void {
    this.close()
    this.tellAll('disconnected')
    this.openIn(delay)
  }

  private close(): void {
    clearTimeout(this.openTimer)
    clearTimeout(this.silenceTimer)
    this.source?.close()
    this.source = null
  }

  private tellAll(kind: 'connected' | 'disconnected'): void {
    for (const subscription of [...this.subscriptions]) subscription.onMessage({ kind })
  }

  private deliver(message: StreamMessage): void {
    for (const subscription of [...this.subscriptions])
      if (subscription.lessonId !== message.lessonId) continue
      else if ('anew' in message) {
        if (subscription.cursor !== message.anew) continue
        this.subscriptions.delete(subscription)
        subscription.onMessage({ kind: 'anew' })
      } else if (seqOf(message.cursor) > seqOf(subscription.cursor)) {
        subscription.cursor = message.cursor
        subscription.onMessage({ kind: 'event', event: message.event, cursor: message.cursor })
      }
  }
}
