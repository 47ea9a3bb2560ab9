import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { setLessonRemoved } from '../../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  did: 'put a lesson back',
  handle: async ({ event }) => {
    await setLessonRemoved(useDatabase(), idParam(event, 'lesson'), false)
    return { removed: false }
  },
})
