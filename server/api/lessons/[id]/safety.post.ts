import { confirmationSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { ApiError } from '../../../errors/apiError'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { confirmSafety } from '../../../queries/safety'

export default defineRoute({
  right: 'lesson',
  body: confirmationSchema,
  handle: ({ event, body, visitor }) => {
    const who = visitor.id === null ? body.initials : visitor.name
    if (!who)
      throw new ApiError('invalid', 'Type your initials, like AB.', [
        { path: 'initials', message: 'Type your initials, like AB.' },
      ])
    return confirmSafety(useDatabase(), idParam(event, 'lesson'), who, body.version)
  },
})
