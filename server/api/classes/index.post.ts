import { setResponseStatus } from 'h3'
import { classSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { createClass } from '../../queries/classes'

export default defineRoute({
  body: classSchema,
  handle: async ({ event, body }) => {
    const made = await createClass(useDatabase(), body)
    setResponseStatus(event, 201)
    return made
  },
})
