import type { StreamMessage } from '#shared/types/api'
import type { ApiApp } from './apiApp'

/** Reads the live stream from some positions ("lesson id:cursor") until it has brought so many messages, then leaves it. */
export async function collectMessages(
  app: ApiApp,
  positions: string[],
  count: number,
  cookie = '',
): Promise<StreamMessage[]> {
  const leave = new AbortController()
  const response = await fetch(`${app.url}/api/events?after=${positions.join(',')}`, {
    signal: leave.signal,
    headers: { cookie },
  })
  const messages: StreamMessage[] = []
  let text = ''
  for await (const part of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += new TextDecoder().decode(part, { stream: true })
    const blocks = text.split('\n\n')
    text = blocks.pop()!
    for (const block of blocks) {
      const data = /^data: (\{.*)$/m.exec(block)?.[1]
      if (data) messages.push(JSON.parse(data) as StreamMessage)
    }
    if (messages.length >= count) break
  }
  leave.abort()
  return messages
}

/** The position in a lesson as it was fetched. */
export const positionOf = ({ id, cursor }: { id: string; cursor: string }) => `${id}:${cursor}`
