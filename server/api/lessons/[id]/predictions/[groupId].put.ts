import { predictionSchema } from '#shared/schemas'
import { refuseOtherGroups } from '../../../../access/rights'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { savePrediction } from '../../../../queries/predictions'

export default defineRoute({
  right: 'record',
  body: predictionSchema,
  handle: ({ event, body, visitor }) => {
    const groupId = idParam(event, 'group', 'groupId')
    refuseOtherGroups(visitor, [groupId])
    return savePrediction(useDatabase(), idParam(event, 'lesson'), groupId, body)
  },
})
