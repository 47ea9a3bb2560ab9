import { createEventStream, defineEventHandler, getQuery, getRequestHeader } from 'h3'
import { useDatabase } from '../../../database/client'
import { idParam } from '../../../http/defineRoute'
import { useHub } from '../../../live/hub'
import { findLesson } from '../../../queries/lessonRow'

const heartbeatEvery = 15_000
/** Bytes that wait for a screen which does not take them, before its stream is closed. */
const mostUnread = 1_000_000

/** The live stream of a lesson: what the screen missed first, then each event as it happens. */
export default defineEventHandler(async (event) => {
  const lessonId = idParam(event, 'lesson')
  await findLesson(useDatabase(), lessonId)
  const stream = createEventStream(event)
  const missed = Number(getRequestHeader(event, 'last-event-id') ?? getQuery(event).after ?? 0)
  const leave = useHub().subscribe(lessonId, {
    seq: Number.isInteger(missed) && missed >= 0 ? missed : 0,
    send: (live) => {
      // Whoever reads again after a while asks for what was missed.
      if (event.node.res.writableLength > mostUnread) event.node.res.destroy()
      else void stream.push({ id: String(live.seq), data: JSON.stringify(live) })
    },
    end: () => void stream.close(),
  })
  // Tells screens behind a quiet connection that it still stands.
  const heartbeat = setInterval(() => void stream.push({ event: 'beat', data: '' }), heartbeatEvery)
  // The browser calls a stream open once its first bytes are there.
  void stream.push({ event: 'beat', data: '' })
  stream.onClosed(() => {
    clearInterval(heartbeat)
    leave()
  })
  return stream.send()
})
