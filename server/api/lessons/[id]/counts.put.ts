import { countsSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveCounts } from '../../../queries/packing'

export default defineRoute({
  right: 'kit',
  body: countsSchema,
  handle: ({ event, body }) => saveCounts(useDatabase(), idParam(event, 'lesson'), body.counts),
})
