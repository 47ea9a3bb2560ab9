import { sendAway } from '../../../../access/sendAway'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { endShare, sharesOf } from '../../../../queries/people/classAccess'

/** Ends a share. */
export default defineRoute({
  right: 'class',
  handle: async ({ event, visitor }) => {
    const id = idParam(event, 'class')
    sendAway(await endShare(useDatabase(), id, idParam(event, 'share', 'shareId'), visitor.name))
    return sharesOf(useDatabase(), id)
  },
})
