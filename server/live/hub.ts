import { lastOf } from '#core/defined'
import type { Database, OpenDatabase } from '../database/database'
import { logProblem } from '../errors/logProblem'
import { cursorText } from './cursor'
import { eventsFrom, validPositions, type EventText, type Position } from './positions'
import { eventChannel } from './events'

/** A screen with a lesson open. */
export interface Subscriber extends Position {
  /** Whose screen it is, so that it can be sent away; null where nobody signs in. */
  sessionId: string | null
  /** An event as this screen may hear it, as text. */
  reduce: (event: string) => string
  /** Takes messages of the stream, each a line of JSON. */
  send: (messages: string[]) => void
  end: () => void
}

/** A screen that is further behind fetches the lesson anew, which costs less. */
const furthestBehind = 500
/** Events that are read at a time. */
const mostAtOnce = 1000
const triedAgainAfter = 1000

/** Carries events from the database to the screens that have a lesson open. */
export class LiveHub {
  private readonly subscribers = new Map<string, Set<Subscriber>>()
  /** Those of whom it is not known whether what they have is what the database has. */
  private readonly unproven = new Set<Subscriber>()
  private readonly due = new Set<string>()
  private delivering = false

  constructor(private readonly database: OpenDatabase) {}

  /** Begins to hear the database. */
  async start(): Promise<void> {
    await this.database.listen(eventChannel, {
      heard: (lessonId) => {
        if (this.subscribers.has(lessonId)) this.deliver(lessonId)
      },
      // Whatever was told meanwhile; and it may be another database by now, from a backup.
      missed: () => {
        for (const [lessonId, all] of this.subscribers) {
          for (const one of all) this.unproven.add(one)
          this.deliver(lessonId)
        }
      },
    })
  }

  /** Adds a screen, which first gets what it missed; gives back how to leave. */
  subscribe(subscriber: Subscriber): () => void {
    const { lessonId } = subscriber
    const all = this.subscribers.get(lessonId) ?? new Set()
    all.add(subscriber)
    this.subscribers.set(lessonId, all)
    this.unproven.add(subscriber)
    this.deliver(lessonId)
    return () => this.leave(subscriber)
  }

  private leave(subscriber: Subscriber): void {
    const all = this.subscribers.get(subscriber.lessonId)
    all?.delete(subscriber)
    this.unproven.delete(subscriber)
    if (all?.size === 0) this.subscribers.delete(subscriber.lessonId)
  }

  /** Ends the streams of sessions that have ended. */
  disconnect(sessionIds: readonly string[]): void {
    const gone = [...this.subscribers.values()].flatMap((all) =>
      [...all].filter(({ sessionId }) => sessionId !== null && sessionIds.includes(sessionId)),
    )
    for (const subscriber of gone) {
      this.leave(subscriber)
      subscriber.end()
    }
  }

  /** Ends every stream, so that the server can stop. */
  close(): void {
    const all = [...this.subscribers.values()].flatMap((some) => [...some])
    this.subscribers.clear()
    for (const subscriber of all) subscriber.end()
  }

  /** One delivery at a time, for all lessons that have something, so that no screen gets an event twice or out of turn. */
  private deliver(lessonId: string): void {
    this.due.add(lessonId)
    if (!this.delivering) void this.deliverDue()
  }

  private async deliverDue(): Promise<void> {
    this.delivering = true
    while (this.due.size > 0) {
      const lessonIds = [...this.due]
      this.due.clear()
      await this.deliverTo(this.database.db, lessonIds).catch(async (error: unknown) => {
        logProblem(error)
        await new Promise((next) => setTimeout(next, triedAgainAfter))
        for (const lessonId of lessonIds) this.due.add(lessonId)
      })
    }
    this.delivering = false
  }

  private async deliverTo(db: Database, lessonIds: readonly string[]): Promise<void> {
    await this.prove(db)
    const furthest = lessonIds.flatMap((lessonId) => this.proven(lessonId).sort(bySeq).slice(0, 1))
    if (furthest.length === 0) return
    const events = await eventsFrom(db, furthest, mostAtOnce)
    for (const lessonId of new Set(events.map((event) => event.lessonId))) {
      const own = events.filter((event) => event.lessonId === lessonId)
      for (const one of this.proven(lessonId)) {
        const missed = own.filter(({ cursor }) => cursor.seq > one.cursor.seq)
        if (missed.length === 0) continue
        one.cursor = lastOf(missed).cursor
        one.send(missed.map((event) => messageOf(event, one.reduce(event.text))))
      }
    }
    if (events.length === mostAtOnce) for (const lessonId of lessonIds) this.due.add(lessonId)
  }

  /** Sends off those that cannot go on from what they have: they fetch the lesson, and come back. */
  private async prove(db: Database): Promise<void> {
    const asked = [...this.unproven]
    const stand = await validPositions(db, asked, furthestBehind)
    for (const one of asked) {
      this.unproven.delete(one)
      if (stand.has(one) || !this.isHere(one)) continue
      this.leave(one)
      one.send([JSON.stringify({ lessonId: one.lessonId, anew: cursorText(one.cursor) })])
    }
  }

  private isHere(one: Subscriber): boolean {
    return this.subscribers.get(one.lessonId)?.has(one) ?? false
  }

  private proven(lessonId: string): Subscriber[] {
    return [...(this.subscribers.get(lessonId) ?? [])].filter((one) => !this.unproven.has(one))
  }
}

const bySeq = (a: Position, b: Position) => a.cursor.seq - b.cursor.seq

const messageOf = ({ lessonId, cursor }: EventText, text: string) =>
  `{"lessonId":"${lessonId}","cursor":"${cursorText(cursor)}","event":${text}}`

let current: LiveHub | null = null

export function setHub(hub: LiveHub | null) {
  current = hub
}

export function useHub(): LiveHub {
  if (!current) throw new Error('the live hub is not running')
  return current
}
