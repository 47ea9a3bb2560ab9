import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { setLessonRemoved } from '../../queries/lessons'

export default defineRoute({
  handle: async ({ event }) => {
    await setLessonRemoved(useDatabase(), idParam(event, 'lesson'), true)
    return { removed: true }
  },
})
