import { rosterSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { importRoster } from '../../../queries/roster'

export default defineRoute({
  right: 'class',
  body: rosterSchema,
  handle: ({ event, body }) => importRoster(useDatabase(), idParam(event, 'class'), body.csv),
})
