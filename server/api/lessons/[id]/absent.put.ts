import { absentSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { setAbsent } from '../../../queries/roles'

export default defineRoute({
  right: 'lesson',
  body: absentSchema,
  handle: ({ event, body }) => setAbsent(useDatabase(), idParam(event, 'lesson'), body.absent),
})
