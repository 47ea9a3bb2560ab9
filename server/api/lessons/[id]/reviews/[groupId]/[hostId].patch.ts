import { reviewChangeSchema } from '#shared/schemas'
import { useDatabase } from '../../../../../database/client'
import { defineRoute, idParam } from '../../../../../http/defineRoute'
import { changeReview } from '../../../../../queries/reviews'

export default defineRoute({
  right: 'lesson',
  body: reviewChangeSchema,
  handle: ({ event, body }) => {
    const pair = {
      byGroupId: idParam(event, 'group', 'groupId'),
      ofGroupId: idParam(event, 'group', 'hostId'),
    }
    return changeReview(useDatabase(), idParam(event, 'lesson'), pair, body)
  },
})
