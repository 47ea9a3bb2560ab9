import { setResponseStatus } from 'h3'
import { classSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { createClass } from '../../queries/classes'

export default defineRoute({
  right: 'teacher',
  body: classSchema,
  handle: async ({ event, body, visitor }) => {
    const made = await createClass(useDatabase(), body, visitor.id)
    setResponseStatus(event, 201)
    return made
  },
})
