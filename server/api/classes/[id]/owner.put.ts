import { handOverSchema } from '#shared/schemas'
import { sendAway } from '../../../access/sendAway'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { handOverClass } from '../../../queries/people/handOver'

/** Hands the class over to another teacher. */
export default defineRoute({
  right: 'class',
  body: handOverSchema,
  handle: async ({ event, body, visitor }) => {
    sendAway(await handOverClass(useDatabase(), idParam(event, 'class'), body.teacherId, visitor))
    return { done: true }
  },
})
