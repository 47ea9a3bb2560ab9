import { LiveStream, type LiveNews } from './liveStream'

/** What a page asks of the worker, over a port of its own. */
export type LiveOrder =
  { kind: 'join'; lessonId: string; cursor: string } | { kind: 'look' } | { kind: 'leave' }

// The one stream of all tabs of a browser.
const stream = new LiveStream()
const scope = self as unknown as { onconnect: (event: MessageEvent) => void }

scope.onconnect = ({ ports: [port] }) => {
  let leave = () => {}
  port!.onmessage = ({ data }: MessageEvent<LiveOrder>) => {
    if (data.kind === 'look') return stream.look()
    leave()
    if (data.kind === 'leave') return port!.close()
    const { lessonId, cursor } = data
    leave = stream.join({ lessonId, cursor, hear: (news: LiveNews) => port!.postMessage(news) })
  }
}
