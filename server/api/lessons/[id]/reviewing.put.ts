import { reviewingSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { setReviewing } from '../../../queries/reviews'

export default defineRoute({
  right: 'lesson',
  body: reviewingSchema,
  handle: ({ event, body }) => setReviewing(useDatabase(), idParam(event, 'lesson'), body),
})
