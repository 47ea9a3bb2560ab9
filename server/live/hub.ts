import type { LessonEvent } from '#shared/types/api'
import type { OpenDatabase } from '../database/database'
import { logProblem } from '../http/logProblem'
import { eventChannel, eventsAfter } from './events'

interface Subscriber {
  /** The last event that this screen has. */
  seq: number
  send: (event: LessonEvent) => void
  end: () => void
}

/** Carries events from the database to the screens that have a lesson open. */
export class LiveHub {
  private readonly subscribers = new Map<string, Set<Subscriber>>()
  private readonly turns = new Map<string, Promise<void>>()

  constructor(private readonly database: OpenDatabase) {}

  /** Begins to hear the database. */
  async start(): Promise<void> {
    await this.database.listen(eventChannel, {
      heard: (lessonId) => {
        if (this.subscribers.has(lessonId)) void this.deliver(lessonId)
      },
      missed: () => {
        for (const lessonId of this.subscribers.keys()) void this.deliver(lessonId)
      },
    })
  }

  /** Adds a screen, which first gets what it missed; gives back how to leave. */
  subscribe(lessonId: string, subscriber: Subscriber): () => void {
    const all = this.subscribers.get(lessonId) ?? new Set()
    all.add(subscriber)
    this.subscribers.set(lessonId, all)
    void this.deliver(lessonId)
    return () => {
      all.delete(subscriber)
      if (all.size === 0 && this.subscribers.get(lessonId) === all) this.subscribers.delete(lessonId)
    }
  }

  /** Ends every stream, so that the server can stop. */
  close(): void {
    for (const all of this.subscribers.values()) for (const subscriber of all) subscriber.end()
    this.subscribers.clear()
  }

  /** One delivery at a time for each lesson, so that no screen gets an event twice or out of turn. */
  private deliver(lessonId: string): Promise<void> {
    const turn = (this.turns.get(lessonId) ?? Promise.resolve())
      .then(() => this.deliverNow(lessonId))
      .catch(logProblem)
    this.turns.set(lessonId, turn)
    void turn.then(() => {
      if (this.turns.get(lessonId) === turn) this.turns.delete(lessonId)
    })
    return turn
  }

  private async deliverNow(lessonId: string): Promise<void> {
    const waiting = [...(this.subscribers.get(lessonId) ?? [])]
    if (waiting.length === 0) return
    const oldest = Math.min(...waiting.map((subscriber) => subscriber.seq))
    for (const event of await eventsAfter(this.database.db, lessonId, oldest))
      for (const subscriber of waiting)
        if (event.seq > subscriber.seq) {
          subscriber.seq = event.seq
          subscriber.send(event)
        }
  }
}

let current: LiveHub | null = null

export function provideHub(hub: LiveHub | null) {
  current = hub
}

export function useHub(): LiveHub {
  if (!current) throw new Error('the live hub is not running')
  return current
}
