import { deviceGroupsSchema } from '#shared/schemas'
import { sendAway } from '../../../../access/sendAway'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { chooseGroups, joiningOf, wholeOf } from '../../../../queries/people/joining'

/** Moves a device to another group. */
export default defineRoute({
  right: 'lesson',
  body: deviceGroupsSchema,
  handle: async ({ event, body }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const sessionId = idParam(event, 'device', 'deviceId')
    await chooseGroups(useDatabase(), { sessionId, lessonId }, body.groupIds)
    // It comes back with its new group, and hears what that may hear.
    sendAway([sessionId])
    return joiningOf(useDatabase(), lessonId)
  },
})
