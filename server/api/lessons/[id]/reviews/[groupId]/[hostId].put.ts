import { reviewSchema } from '#shared/schemas'
import { reviewFor } from '../../../../../access/redact'
import { refuseOtherGroups } from '../../../../../access/rights'
import { useDatabase } from '../../../../../database/client'
import { defineRoute, idParam } from '../../../../../http/defineRoute'
import { saveReview } from '../../../../../queries/reviews'

export default defineRoute({
  right: 'record',
  body: reviewSchema,
  handle: async ({ event, body, visitor }) => {
    const byGroupId = idParam(event, 'group', 'groupId')
    refuseOtherGroups(visitor, [byGroupId])
    const pair = { byGroupId, ofGroupId: idParam(event, 'group', 'hostId') }
    const isTeacher = visitor.kind === 'teacher'
    const saved = await saveReview(useDatabase(), idParam(event, 'lesson'), pair, body, isTeacher)
    return reviewFor(visitor, saved)
  },
})
