import type { LiveRequest } from './live.sharedworker'
import { LiveStream, type LiveMessage, type Subscription } from './liveStream'

/** An open subscription over one transport. */
interface Connection {
  close: () => void
  /** Reopens a stream that died unnoticed; to be called when somebody comes back to the page. */
  wake: () => void
}

/** Opens a subscription; `onFailure` is called when the transport can't be used at all. */
type Transport = (subscription: Subscription, onFailure: () => void) => Connection

/** The stream that all tabs of this browser share. */
const sharedWorker: Transport = ({ lessonId, cursor, onMessage }, onFailure) => {
  const worker = new SharedWorker(new URL('./live.sharedworker.ts', import.meta.url), { type: 'module' })
  const send = (request: LiveRequest) => worker.port.postMessage(request)
  worker.onerror = onFailure
  worker.port.onmessage = ({ data }: MessageEvent<LiveMessage>) => onMessage(data)
  send({ kind: 'join', lessonId, cursor })
  return {
    wake: () => send({ kind: 'look' }),
    close: () => {
      worker.port.onmessage = null
      send({ kind: 'leave' })
    },
  }
}

let pageStream: LiveStream | null = null
/** A stream of this page alone, which holds a connection only while the page is visible. */
const ownStream: Transport = (subscription) => {
  if (document.hidden) return closed
  const stream = (pageStream ??= new LiveStream())
  return { close: stream.subscribe(subscription), wake: () => stream.wake() }
}

const closed: Connection = { close: () => {}, wake: () => {} }

/**
 * Subscribes to the events of a lesson from a cursor on. Browsers without shared workers, as on some phones, use a stream of this page.
 * @returns a function that unsubscribes
 */
export function subscribeToLesson(
  lessonId: string,
  cursor: string,
  onMessage: (message: LiveMessage) => void,
): () => void {
  let from = cursor
  let transport = typeof SharedWorker === 'undefined' ? ownStream : sharedWorker
  let connection = closed
  const connect = () => {
    connection.close()
    connection = transport({ lessonId, cursor: from, onMessage: receive }, () => {
      transport = ownStream
      connect()
    })
  }
  function receive(message: LiveMessage) {
    if (message.kind === 'event') from = message.cursor
    onMessage(message)
  }
  const stops = [
    // The browser freezes a page that it keeps for the back button, and brings it back as it was.
    listen(window, 'pagehide', () => connection.close()),
    listen(window, 'pageshow', (event) => (event as PageTransitionEvent).persisted && connect()),
    listen(document, 'visibilitychange', () => (transport === ownStream ? connect() : connection.wake())),
    listen(window, 'focus', () => connection.wake()),
    listen(window, 'online', () => connection.wake()),
  ]
  connect()
  return () => {
    connection.close()
    for (const stop of stops) stop()
  }
}

function listen(target: EventTarget, name: string, handle: (event: Event) => void): () => void {
  target.addEventListener(name, handle)
  return () => target.removeEventListener(name, handle)
}
