import type { H3Event } from 'h3'
import { ApiError } from './apiError'

/** Reads a body of at most `limit` bytes; what comes after the limit is not kept. */
export async function readBytes(event: H3Event, limit: number): Promise<Buffer> {
  const { req } = event.node
  const tooLarge = () =>
    new ApiError('too-large', `This is too large to take in: at most ${Math.round(limit / 1000)} kB.`)
  if (Number(req.headers['content-length'] ?? 0) > limit) {
    req.resume()
    throw tooLarge()
  }
  const parts: Buffer[] = []
  let size = 0
  for await (const part of req as AsyncIterable<Buffer>) {
    size += part.length
    if (size <= limit) parts.push(part)
  }
  if (size > limit) throw tooLarge()
  return Buffer.concat(parts)
}

/** Reads a JSON body of at most `limit` bytes. */
export async function readJson(event: H3Event, limit: number): Promise<unknown> {
  const bytes = await readBytes(event, limit)
  if (!/^application\/json\b/.test(event.node.req.headers['content-type'] ?? ''))
    throw new ApiError('invalid', 'Send this as JSON.')
  try {
    return JSON.parse(bytes.toString('utf8'))
  } catch {
    throw new ApiError('invalid', 'What was sent is not complete. Try again.')
  }
}
