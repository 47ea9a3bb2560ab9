import { clearVisitorCache } from '../../../../access/visitor'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { useHub } from '../../../../live/hub'
import { joiningOf, removeDevice, wholeOf } from '../../../../queries/people/joining'

/** Takes a device out of the lesson. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const sessionId = idParam(event, 'device', 'deviceId')
    await removeDevice(useDatabase(), lessonId, sessionId)
    clearVisitorCache()
    useHub().disconnect([sessionId])
    return joiningOf(useDatabase(), lessonId)
  },
})
