import type { PredictionAnswer } from '#core/conclusion'
import { predictionSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { savePrediction } from '../../../../queries/predictions'

export default defineRoute<{ seat: number; answer: PredictionAnswer; because: string }>({
  body: predictionSchema,
  handle: ({ event, body }) =>
    savePrediction(useDatabase(), idParam(event, 'lesson'), idParam(event, 'group', 'groupId'), body),
})
