import { createEventStream, defineEventHandler, getQuery } from 'h3'
import { heartbeatInterval } from '#shared/lesson/heartbeat'
import { ApiError } from '../errors/apiError'
import { isId, refused } from '../http/defineRoute'
import { readCursor } from '../live/cursor'
import { useHub } from '../live/hub'
import type { Position } from '../live/positions'

/** Bytes that wait for a screen which does not take them, before its stream is closed. */
const mostUnread = 1_000_000
/** A browser with more lessons open than these has forgotten some. */
const mostLessons = 50

/** The live stream of a browser: of each lesson that it has open what it missed, then each event as it happens. */
export default defineEventHandler(async (event) => {
  const positions = positionsOf(getQuery(event).after)
  if (positions === null)
    return refused(
      event,
      new ApiError('invalid', 'Say which lessons to hear, and from where. Reload the page.'),
    )
  const stream = createEventStream(event)
  const send = (messages: string[]) => {
    // Whoever reads again after a while asks for what was missed.
    if (event.node.res.writableLength > mostUnread) event.node.res.destroy()
    else void stream.push(messages.map((data) => ({ data })))
  }
  const end = () => void stream.close()
  const leave = positions.map((position) => useHub().subscribe({ ...position, send, end }))
  // Tells screens behind a quiet connection that it still stands.
  const heartbeat = setInterval(() => void stream.push({ event: 'beat', data: '' }), heartbeatInterval)
  // The browser calls a stream open once its first bytes are there.
  void stream.push({ event: 'beat', data: '' })
  stream.onClosed(() => {
    clearInterval(heartbeat)
    for (const one of leave) one()
  })
  return stream.send()
})

/** Reads lessons with cursors as "id:cursor", with commas between; null where that cannot be. */
function positionsOf(after: unknown): Position[] | null {
  const texts = typeof after === 'string' ? after.split(',', mostLessons + 1) : []
  const positions = texts.flatMap((text) => {
    const [lessonId = '', cursor = ''] = text.split(':')
    const read = readCursor(cursor)
    return read && isId(lessonId) ? [{ lessonId: lessonId.toLowerCase(), cursor: read }] : []
  })
  return positions.length === texts.length && positions.length > 0 && positions.length <= mostLessons
    ? positions
    : null
}
