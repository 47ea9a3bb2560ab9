import { ticksSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveTicks } from '../../../queries/packing'

export default defineRoute({
  right: 'kit',
  body: ticksSchema,
  handle: async ({ event, body }) => {
    await saveTicks(useDatabase(), idParam(event, 'lesson'), body.ticks)
    return { ticks: body.ticks.length }
  },
})
