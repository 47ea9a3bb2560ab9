import type { H3Event } from 'h3'
import { ApiError } from './apiError'

/** Reads a JSON body of at most `limit` bytes; what comes after the limit is not kept. */
export async function readJson(event: H3Event, limit: number): Promise<unknown> {
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
  if (!/^application\/json\b/.test(req.headers['content-type'] ?? ''))
    throw new ApiError('invalid', 'Send this as JSON.')
  try {
    return JSON.parse(Buffer.concat(parts).toString('utf8'))
  } catch {
    throw new ApiError('invalid', 'What was sent is not complete. Try again.')
  }
}
