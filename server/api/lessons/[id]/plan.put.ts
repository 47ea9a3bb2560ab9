import { planChangeSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { savePlan } from '../../../queries/plans'

export default defineRoute({
  right: 'lesson',
  body: planChangeSchema,
  handle: ({ event, body }) => savePlan(useDatabase(), idParam(event, 'lesson'), body),
})
