import { previewRoster } from '#core/format'
import { rosterSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { rosterContext } from '../../../queries/roster'

export default defineRoute({
  body: rosterSchema,
  handle: async ({ event, body }) =>
    previewRoster(body.csv, await rosterContext(useDatabase(), idParam(event, 'class'))),
})
