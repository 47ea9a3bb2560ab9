import { clearSessionSecret } from '../access/cookie'
import { clearVisitorCache } from '../access/visitor'
import { useDatabase } from '../database/client'
import { defineRoute } from '../http/defineRoute'
import { useHub } from '../live/hub'
import { endSessions } from '../queries/people/sessions'

/** Signs out: a teacher, or a device that leaves its lesson. */
export default defineRoute({
  right: 'visitor',
  handle: async ({ event, visitor: { sessionId } }) => {
    if (sessionId !== null) useHub().disconnect(await endSessions(useDatabase(), [sessionId]))
    clearVisitorCache()
    clearSessionSecret(event)
    return { signedOut: true }
  },
})
