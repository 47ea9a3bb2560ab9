import { setResponseStatus } from 'h3'
import { partSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { splitLesson } from '../../../queries/parts'

export default defineRoute({
  right: 'lesson',
  body: partSchema,
  handle: async ({ event, body }) => {
    const made = await splitLesson(useDatabase(), idParam(event, 'lesson'), body.groupIds)
    setResponseStatus(event, 201)
    return made
  },
})
