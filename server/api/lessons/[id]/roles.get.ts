import { rolesFor } from '../../../access/redact'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { rolesIn } from '../../../queries/roles'

export default defineRoute({
  right: 'record',
  handle: async ({ event, visitor }) =>
    rolesFor(visitor, await rolesIn(useDatabase(), idParam(event, 'lesson'))),
})
