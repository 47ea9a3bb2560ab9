import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { openJoining, wholeOf } from '../../../queries/people/joining'

/** Opens joining, with a code. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) =>
    openJoining(useDatabase(), await wholeOf(useDatabase(), idParam(event, 'lesson'))),
})
