import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { joiningOf, wholeOf } from '../../../queries/people/joining'

/** How devices join the lesson, and which have. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) =>
    joiningOf(useDatabase(), await wholeOf(useDatabase(), idParam(event, 'lesson'))),
})
