import { sendAway } from '../../../../access/sendAway'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { joiningOf, removeDevice, wholeOf } from '../../../../queries/people/joining'

/** Takes a device out of the lesson. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const sessionId = idParam(event, 'device', 'deviceId')
    await removeDevice(useDatabase(), lessonId, sessionId)
    sendAway([sessionId])
    return joiningOf(useDatabase(), lessonId)
  },
})
