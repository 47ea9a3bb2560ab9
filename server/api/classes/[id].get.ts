import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { getClass } from '../../queries/classes'

export default defineRoute({
  right: 'class',
  handle: ({ event }) => getClass(useDatabase(), idParam(event, 'class')),
})
