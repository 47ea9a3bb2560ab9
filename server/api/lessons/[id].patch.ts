import { lessonChangeSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { changeLesson } from '../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  body: lessonChangeSchema,
  handle: async ({ event, body }) => {
    await changeLesson(useDatabase(), idParam(event, 'lesson'), body)
    return { changed: true }
  },
})
