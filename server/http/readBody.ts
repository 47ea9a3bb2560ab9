import { Mutex } from 'async-mutex'
import type { H3Event } from 'h3'
import { ApiError } from '../errors/apiError'

/** A sender of much more than is taken in is not listened to until it has said all. */
const readOnFactor = 4

/** Reads a body of at most `limit` bytes; what comes after the limit is not kept. */
export async function readBytes(event: H3Event, limit: number): Promise<Buffer> {
  const { req } = event.node
  const tooLarge = () =>
    new ApiError('too-large', `This is too large: at most ${Math.round(limit / 1000)} kB.`)
  if (Number(req.headers['content-length'] ?? 0) > limit) {
    req.resume()
    throw tooLarge()
  }
  const parts: Buffer[] = []
  let size = 0
  for await (const part of req as AsyncIterable<Buffer>) {
    size += part.length
    if (size <= limit) parts.push(part)
    // Leaving the loop cuts the connection: this one would send for ever.
    if (size > readOnFactor * limit + 1_000_000) throw tooLarge()
  }
  if (size > limit) throw tooLarge()
  return Buffer.concat(parts)
}

/** Reads a JSON body of at most `limit` bytes. */
export async function readJson(event: H3Event, limit: number): Promise<unknown> {
  const bytes = await readBytes(event, limit)
  if (!/^application\/json\b/.test(event.node.req.headers['content-type'] ?? ''))
    throw new ApiError('invalid', 'Send this as JSON.')
  return bytes.length > large ? turns.runExclusive(() => nextTurn().then(() => parsed(bytes))) : parsed(bytes)
}

/** From so many bytes on a body takes a moment of the processor: one in each turn of the loop, so that small ones come in between. */
const large = 100_000
const turns = new Mutex()
const nextTurn = () => new Promise<void>((next) => setImmediate(next))

function parsed(bytes: Buffer): unknown {
  try {
    const text = bytes.toString('utf8')
    return mayHoldHalves(text) ? JSON.parse(text, withoutHalves) : JSON.parse(text)
  } catch {
    throw new ApiError('invalid', 'What was sent is not complete. Try again.')
  }
}

/** Halves of signs, and pairs of them too, begin like this in JSON; looked for letter by letter, which takes no time in a large file. */
const mayHoldHalves = (text: string) => text.includes('\\ud') || text.includes('\\uD')
const loneHalf = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g

/** A field that takes so many letters cuts an emoji in two; no database keeps the half. */
const withoutHalves = (_key: string, value: unknown): unknown =>
  typeof value === 'string' ? value.replace(loneHalf, '') : value
