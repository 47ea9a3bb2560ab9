import { setResponseStatus } from 'h3'
import { newLessonSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { createLesson } from '../../queries/lessons'

export default defineRoute({
  body: newLessonSchema,
  handle: async ({ event, body }) => {
    const id = await createLesson(useDatabase(), body.classId, body.date, body.from)
    setResponseStatus(event, 201)
    return { id }
  },
})
