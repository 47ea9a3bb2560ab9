import { observationChangeSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { changeObservation } from '../../../../queries/observations'

export default defineRoute({
  right: 'lesson',
  body: observationChangeSchema,
  handle: ({ event, body }) =>
    changeObservation(
      useDatabase(),
      idParam(event, 'lesson'),
      idParam(event, 'observation', 'observationId'),
      body,
    ),
})
