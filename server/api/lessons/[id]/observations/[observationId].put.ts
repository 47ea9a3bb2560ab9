import { observationSchema, pictureLimit } from '#shared/schemas'
import { refuseOtherGroups } from '../../../../access/rights'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { addObservation } from '../../../../queries/observations'

export default defineRoute({
  right: 'record',
  body: observationSchema,
  // A picture in base64, and words.
  limit: pictureLimit * 1.4,
  handle: ({ event, body, visitor }) => {
    refuseOtherGroups(visitor, [body.groupId])
    return addObservation(
      useDatabase(),
      idParam(event, 'lesson'),
      idParam(event, 'observation', 'observationId'),
      body,
    )
  },
})
