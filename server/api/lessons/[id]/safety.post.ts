import { confirmationSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { confirmSafety } from '../../../queries/safety'

export default defineRoute({
  body: confirmationSchema,
  handle: ({ event, body }) =>
    confirmSafety(useDatabase(), idParam(event, 'lesson'), body.initials, body.version),
})
