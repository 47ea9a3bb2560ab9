import { classShareSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { shareClass, sharesOf } from '../../../queries/people/classAccess'

/** Shares the class with a colleague, or with every teacher of the school. */
export default defineRoute({
  right: 'class',
  body: classShareSchema,
  handle: async ({ event, body, visitor }) => {
    const id = idParam(event, 'class')
    await shareClass(useDatabase(), id, body, visitor.name)
    return sharesOf(useDatabase(), id)
  },
})
