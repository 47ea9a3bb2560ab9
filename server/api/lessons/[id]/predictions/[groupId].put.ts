import { predictionSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { savePrediction } from '../../../../queries/predictions'

export default defineRoute({
  body: predictionSchema,
  handle: ({ event, body }) =>
    savePrediction(useDatabase(), idParam(event, 'lesson'), idParam(event, 'group', 'groupId'), body),
})
