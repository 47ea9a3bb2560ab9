import { defined } from '#core/defined'
import { LiveStream, type LiveMessage } from './liveStream'

/** What a page sends to the worker, over a port of its own. */
export type LiveRequest =
  { kind: 'join'; lessonId: string; cursor: string } | { kind: 'look' } | { kind: 'leave' }

// The one stream of all tabs of a browser.
const stream = new LiveStream()
const scope = self as unknown as { onconnect: (event: MessageEvent) => void }

scope.onconnect = ({ ports: [port] }) => {
  let unsubscribe = () => {}
  defined(port).onmessage = ({ data }: MessageEvent<LiveRequest>) => {
    if (data.kind === 'look') return stream.wake()
    unsubscribe()
    if (data.kind === 'leave') return defined(port).close()
    const { lessonId, cursor } = data
    unsubscribe = stream.subscribe({
      lessonId,
      cursor,
      onMessage: (message: LiveMessage) => defined(port).postMessage(message),
    })
  }
}
