import type { LiveOrder } from './live.sharedworker'
import { LiveStream, type Hearer, type LiveNews } from './liveStream'

/** How a seat is left, and how it is told that somebody is back at the page. */
interface Taken {
  leave: () => void
  look: () => void
}

/** Has somebody hear. */
type Seat = (hearer: Hearer, failed: () => void) => Taken

/** Over the one stream of all tabs of this browser. */
const together: Seat = ({ lessonId, cursor, hear }, failed) => {
  const worker = new SharedWorker(new URL('./live.sharedworker.ts', import.meta.url), { type: 'module' })
  const say = (order: LiveOrder) => worker.port.postMessage(order)
  worker.onerror = failed
  worker.port.onmessage = ({ data }: MessageEvent<LiveNews>) => hear(data)
  say({ kind: 'join', lessonId, cursor })
  return {
    look: () => say({ kind: 'look' }),
    leave: () => {
      worker.port.onmessage = null
      say({ kind: 'leave' })
    },
  }
}

let own: LiveStream | null = null
/** Over a stream of this page, which holds a connection only while it is seen. */
const alone: Seat = (hearer) => {
  if (document.hidden) return nowhere
  const stream = (own ??= new LiveStream())
  return { leave: stream.join(hearer), look: () => stream.look() }
}

const nowhere: Taken = { leave: () => {}, look: () => {} }

/**
 * Hears a lesson from a cursor on. Where the browser has nothing that tabs share, as on some phones, this page hears by itself.
 * @returns how to leave
 */
export function hearLesson(lessonId: string, cursor: string, hear: (news: LiveNews) => void): () => void {
  let from = cursor
  let seat = typeof SharedWorker === 'undefined' ? alone : together
  let taken = nowhere
  const sit = () => {
    taken.leave()
    taken = seat({ lessonId, cursor: from, hear: take }, () => {
      seat = alone
      sit()
    })
  }
  function take(news: LiveNews) {
    if (news.kind === 'event') from = news.cursor
    hear(news)
  }
  const stops = [
    // A page that the browser keeps for the way back is frozen, and comes back as it was.
    listen(window, 'pagehide', () => taken.leave()),
    listen(window, 'pageshow', (event) => (event as PageTransitionEvent).persisted && sit()),
    listen(document, 'visibilitychange', () => (seat === alone ? sit() : taken.look())),
    listen(window, 'focus', () => taken.look()),
    listen(window, 'online', () => taken.look()),
  ]
  sit()
  return () => {
    taken.leave()
    for (const stop of stops) stop()
  }
}

function listen(to: EventTarget, name: string, act: (event: Event) => void): () => void {
  to.addEventListener(name, act)
  return () => to.removeEventListener(name, act)
}
