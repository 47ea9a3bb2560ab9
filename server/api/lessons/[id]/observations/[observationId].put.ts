import { observationSchema, pictureLimit } from '#shared/schemas'
import { observationFor } from '../../../../access/redact'
import { refuseOtherRecords } from '../../../../access/rights'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { addObservation } from '../../../../queries/observations'

export default defineRoute({
  right: 'record',
  body: observationSchema,
  // A picture in base64, and words.
  limit: pictureLimit * 1.4,
  handle: async ({ event, body, visitor }) => {
    refuseOtherRecords(visitor, [{ groupId: body.groupId, at: body.seenAt }])
    const kept = await addObservation(
      useDatabase(),
      idParam(event, 'lesson'),
      idParam(event, 'observation', 'observationId'),
      body,
    )
    // The id may be one that another group has used.
    return observationFor(visitor, kept)
  },
})
