import { lessonFor } from '../../access/redact'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { getLesson } from '../../queries/lessons'

export default defineRoute({
  right: 'watch',
  handle: async ({ event, visitor }) =>
    lessonFor(visitor, await getLesson(useDatabase(), idParam(event, 'lesson'))),
})
