import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { lastTimeOf } from '../../../queries/lastTime'
import { classesOf } from '../../../queries/people/classAccess'

/** How the same investigation went when it was last tested. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event, visitor }) => ({
    last: await lastTimeOf(useDatabase(), idParam(event, 'lesson'), classesOf(visitor)),
  }),
})
