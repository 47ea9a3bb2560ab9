import { useDatabase } from '../../../../../database/client'
import { defineRoute, idParam } from '../../../../../http/defineRoute'
import { deleteObservedPicture } from '../../../../../queries/observations'

export default defineRoute({
  right: 'lesson',
  did: 'deleted a picture for good',
  handle: ({ event }) =>
    deleteObservedPicture(
      useDatabase(),
      idParam(event, 'lesson'),
      idParam(event, 'observation', 'observationId'),
    ),
})
