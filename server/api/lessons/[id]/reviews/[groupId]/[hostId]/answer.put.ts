import { reviewAnswerSchema } from '#shared/schemas'
import { reviewFor } from '../../../../../../access/redact'
import { refuseOtherGroups } from '../../../../../../access/rights'
import { useDatabase } from '../../../../../../database/client'
import { defineRoute, idParam } from '../../../../../../http/defineRoute'
import { changeReview } from '../../../../../../queries/reviews'

/** What the group that was visited answers. */
export default defineRoute({
  right: 'record',
  body: reviewAnswerSchema,
  handle: async ({ event, body, visitor }) => {
    const ofGroupId = idParam(event, 'group', 'hostId')
    refuseOtherGroups(visitor, [ofGroupId])
    const pair = { byGroupId: idParam(event, 'group', 'groupId'), ofGroupId }
    return reviewFor(visitor, await changeReview(useDatabase(), idParam(event, 'lesson'), pair, body))
  },
})
