import { clearSessionSecret } from '../access/cookie'
import { sendAway } from '../access/sendAway'
import { useDatabase } from '../database/client'
import { defineRoute } from '../http/defineRoute'
import { endSessions } from '../queries/people/sessions'

/** Signs out: a teacher, or a device that leaves its lesson. */
export default defineRoute({
  right: 'visitor',
  handle: async ({ event, visitor: { sessionId } }) => {
    if (sessionId !== null) sendAway(await endSessions(useDatabase(), [sessionId]))
    clearSessionSecret(event)
    return { signedOut: true }
  },
})
