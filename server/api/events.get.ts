import { startOfTomorrow } from 'date-fns'
import { createEventStream, defineEventHandler, getQuery } from 'h3'
import { heartbeatInterval } from '#shared/lesson/heartbeat'
import { ApiError } from '../errors/apiError'
import { eventTextFor } from '../access/redact'
import { refuseForeignLesson, type Right } from '../access/rights'
import { admit, isId, refused, toApiError } from '../http/defineRoute'
import { readCursor } from '../live/cursor'
import { useHub } from '../live/hub'
import type { Visitor } from '../queries/people/sessions'
import type { Position } from '../live/positions'

/** Bytes that wait for a screen which does not take them, before its stream is closed. */
const mostUnread = 1_000_000
/** A browser with more lessons open than these has forgotten some. */
const mostLessons = 50

/** Shares and links end with their day. A screen comes back by itself, when no answer of the day before is remembered any more. */
const afterMidnight = 2 * 60_000

const right = 'visitor' satisfies Right

/** The live stream of a browser: of each lesson that it has open what it missed, then each event as it happens. */
const handler = defineEventHandler(async (event) => {
  let visitor: Visitor
  let heard: Position[]
  try {
    visitor = await admit(event, right)
    const positions = positionsOf(getQuery(event).after)
    if (positions === null) throw new ApiError('invalid', 'This page lost track of its lesson. Reload it.')
    heard = await allowed(visitor, positions)
  } catch (error) {
    return refused(event, toApiError(error))
  }
  const stream = createEventStream(event)
  const send = (messages: string[]) => {
    // Whoever reads again after a while asks for what was missed.
    if (event.node.res.writableLength > mostUnread) event.node.res.destroy()
    else void stream.push(messages.map((data) => ({ data })))
  }
  const end = () => void stream.close()
  const leave = heard.map((position) =>
    useHub().subscribe({
      ...position,
      sessionId: visitor.sessionId,
      reduce: (text) => eventTextFor(visitor, text),
      send,
      end,
    }),
  )
  // Tells screens behind a quiet connection that it still stands.
  const heartbeat = setInterval(() => void stream.push({ event: 'beat', data: '' }), heartbeatInterval)
  const dayEnds = setTimeout(end, startOfTomorrow().getTime() + afterMidnight - Date.now())
  // The browser calls a stream open once its first bytes are there.
  void stream.push({ event: 'beat', data: '' })
  stream.onClosed(() => {
    clearInterval(heartbeat)
    clearTimeout(dayEnds)
    for (const one of leave) one()
  })
  return stream.send()
})

export default Object.assign(handler, { right })

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

/**
 * The lessons that somebody may hear; one that is no longer theirs keeps no other from being heard.
 * @throws ApiError where there is none left
 */
async function allowed(visitor: Visitor, positions: readonly Position[]): Promise<Position[]> {
  const answers = await Promise.allSettled(
    positions.map(({ lessonId }) => refuseForeignLesson(visitor, lessonId, ['sheet', 'board', 'assistant'])),
  )
  const heard = positions.filter((_one, nth) => answers[nth]?.status === 'fulfilled')
  const [refusal] = answers.filter((one) => one.status === 'rejected')
  if (heard.length === 0 && refusal) throw refusal.reason
  return heard
}
