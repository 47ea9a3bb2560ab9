import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { setLessonRemoved } from '../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  did: 'removed a lesson',
  handle: async ({ event }) => {
    await setLessonRemoved(useDatabase(), idParam(event, 'lesson'), true)
    return { removed: true }
  },
})
