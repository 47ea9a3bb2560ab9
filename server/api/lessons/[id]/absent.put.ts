import { absentSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sayAbsent } from '../../../queries/roles'

export default defineRoute({
  body: absentSchema,
  handle: ({ event, body }) => sayAbsent(useDatabase(), idParam(event, 'lesson'), body.absent),
})
