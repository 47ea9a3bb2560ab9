import { sendAway } from '../../../access/sendAway'
import { useDatabase } from '../../../database/client'
import { notFound } from '../../../errors/apiError'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { endSessions, sessionsOf } from '../../../queries/people/sessions'

/** Signs the teacher out somewhere else. */
export default defineRoute({
  right: 'teacher',
  handle: async ({ event, visitor }) => {
    const id = idParam(event, 'session')
    const own = await sessionsOf(useDatabase(), visitor)
    if (!own.some((one) => one.id === id)) throw notFound('session')
    sendAway(await endSessions(useDatabase(), [id]))
    return sessionsOf(useDatabase(), visitor)
  },
})
