import { lessonChangeSchema } from '#shared/schemas'
import type { Stage } from '#shared/types/api'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { changeLesson } from '../../queries/lessons'

export default defineRoute<{ date?: string; stage?: Stage }>({
  body: lessonChangeSchema,
  handle: async ({ event, body }) => {
    await changeLesson(useDatabase(), idParam(event, 'lesson'), body)
    return { changed: true }
  },
})
