import { rosterSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { rosterContext } from '../../../queries/roster'
import { readInThread } from '../../../threads/inThread'

export default defineRoute({
  right: 'class',
  body: rosterSchema,
  handle: async ({ event, body }) =>
    readInThread('previewRoster', body.csv, await rosterContext(useDatabase(), idParam(event, 'class'))),
})
