import { observationSchema, pictureLimit } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { addObservation } from '../../../../queries/observations'

export default defineRoute({
  body: observationSchema,
  // A picture in base64, and words.
  limit: pictureLimit * 1.4,
  handle: ({ event, body }) =>
    addObservation(
      useDatabase(),
      idParam(event, 'lesson'),
      idParam(event, 'observation', 'observationId'),
      body,
    ),
})
