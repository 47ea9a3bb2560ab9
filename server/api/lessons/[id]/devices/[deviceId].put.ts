import { deviceGroupsSchema } from '#shared/schemas'
import { clearVisitorCache } from '../../../../access/visitor'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { useHub } from '../../../../live/hub'
import { chooseGroups, joiningOf, wholeOf } from '../../../../queries/people/joining'

/** Moves a device to another group. */
export default defineRoute({
  right: 'lesson',
  body: deviceGroupsSchema,
  handle: async ({ event, body }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const sessionId = idParam(event, 'device', 'deviceId')
    await chooseGroups(useDatabase(), { sessionId, lessonId }, body.groupIds)
    clearVisitorCache()
    // It comes back with its new group, and hears what that may hear.
    useHub().disconnect([sessionId])
    return joiningOf(useDatabase(), lessonId)
  },
})
