import { refuseOtherGroups } from '../../../../../access/rights'
import { useDatabase } from '../../../../../database/client'
import { defineRoute, idParam } from '../../../../../http/defineRoute'
import { hostRecord } from '../../../../../queries/reviews'

/** The record that a group may look at. */
export default defineRoute({
  right: 'record',
  handle: ({ event, visitor }) => {
    const groupId = idParam(event, 'group', 'groupId')
    refuseOtherGroups(visitor, [groupId])
    return hostRecord(useDatabase(), idParam(event, 'lesson'), groupId)
  },
})
