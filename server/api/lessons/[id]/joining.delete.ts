import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { closeJoining, wholeOf } from '../../../queries/people/joining'

/** Closes joining; devices that have joined stay. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) =>
    closeJoining(useDatabase(), await wholeOf(useDatabase(), idParam(event, 'lesson'))),
})
