import { beatEvery } from '#shared/lesson/heartbeat'
import type { LessonEvent, StreamMessage } from '#shared/types/api'

/** What somebody hears of a lesson. */
export type LiveNews =
  | { kind: 'connected' }
  | { kind: 'disconnected' }
  | { kind: 'event'; event: LessonEvent; cursor: string }
  /** What this screen has is not what the database has: the lesson must be fetched, and heard from there. */
  | { kind: 'anew' }

/** Somebody who has a lesson open, and how far they have heard it. */
export interface Hearer {
  lessonId: string
  cursor: string
  hear: (news: LiveNews) => void
}

/** Where a cursor stands among the events of its lesson. */
const seqOf = (cursor: string) => Number(cursor.split('.')[0])

/** So many places one stream hears; what was opened first must have been forgotten. */
const mostPlaces = 50
/** Those who come together, as when a browser opens again, share one new stream. */
const openAfter = 30
/** Two beats and no word in between: a stream that died without closing says nothing either. */
const silence = 2 * beatEvery + 2000
/** Who comes back to a page does not wait for the second. */
const shortSilence = beatEvery + 2000
/** Not all screens of a school come back in the same moment. */
const reopenAfter = () => 1000 + 2000 * Math.random()

/**
 * One stream of events for any number of hearers: a browser keeps only few connections to a server, and streams never end. Each of them
 * gets every event of its lesson after its own cursor, once and in order.
 */
export class LiveStream {
  private readonly hearers = new Set<Hearer>()
  private source: EventSource | null = null
  private timer: ReturnType<typeof setTimeout> | undefined
  private silent: ReturnType<typeof setTimeout> | undefined
  private heardAt = 0

  /** Adds somebody; gives back how to leave. */
  join(hearer: Hearer): () => void {
    this.hearers.add(hearer)
    this.openIn(openAfter)
    return () => this.leave(hearer)
  }

  /** To be called when somebody comes back to a page, or to a machine that slept: what is long silent is opened anew at once. */
  look(): void {
    if (this.source && Date.now() - this.heardAt > shortSilence) this.openAnew(0)
  }

  private leave(hearer: Hearer): void {
    this.hearers.delete(hearer)
    // What is still sent of its lesson goes past everybody until the stream is opened anew.
    if (this.hearers.size === 0) this.close()
  }

  private openIn(wait: number): void {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => this.open(), wait)
  }

  private open(): void {
    this.close()
    const places = [...new Set([...this.hearers].map(({ lessonId, cursor }) => `${lessonId}:${cursor}`))]
    if (places.length === 0) return
    this.source = new EventSource(`/api/events?after=${places.slice(-mostPlaces).join(',')}`)
    this.heard()
    this.source.onopen = () => {
      this.heard()
      this.tell('connected')
    }
    this.source.addEventListener('beat', () => this.heard())
    this.source.onmessage = ({ data }: MessageEvent<string>) => {
      this.heard()
      this.take(JSON.parse(data) as StreamMessage)
    }
    // The browser would ask again from where this stream began.
    this.source.onerror = () => this.openAnew(reopenAfter())
  }

  /** The stream lives; when it is silent for too long from now on, it does not. */
  private heard(): void {
    this.heardAt = Date.now()
    clearTimeout(this.silent)
    this.silent = setTimeout(() => this.openAnew(0), silence)
  }

  private openAnew(wait: number): void {
    this.close()
    this.tell('disconnected')
    this.openIn(wait)
  }

  private close(): void {
    clearTimeout(this.timer)
    clearTimeout(this.silent)
    this.source?.close()
    this.source = null
  }

  private tell(kind: 'connected' | 'disconnected'): void {
    for (const hearer of [...this.hearers]) hearer.hear({ kind })
  }

  private take(message: StreamMessage): void {
    for (const hearer of [...this.hearers])
      if (hearer.lessonId !== message.lessonId) continue
      else if ('anew' in message) {
        if (hearer.cursor !== message.anew) continue
        this.hearers.delete(hearer)
        hearer.hear({ kind: 'anew' })
      } else if (seqOf(message.cursor) > seqOf(hearer.cursor)) {
        hearer.cursor = message.cursor
        hearer.hear({ kind: 'event', event: message.event, cursor: message.cursor })
      }
  }
}
