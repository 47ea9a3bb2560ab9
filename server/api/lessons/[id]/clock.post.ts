import { clockActSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { pressClock } from '../../../queries/clock'
import { schoolTime } from '../../../running/schoolTime'

export default defineRoute({
  right: 'kit',
  body: clockActSchema,
  handle: ({ event, body }) => pressClock(useDatabase(), idParam(event, 'lesson'), body, schoolTime().now),
})
