import { ticksSchema } from '#shared/schemas'
import type { TickDto } from '#shared/types/api'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveTicks } from '../../../queries/packing'

export default defineRoute<{ ticks: TickDto[] }>({
  body: ticksSchema,
  handle: async ({ event, body }) => {
    await saveTicks(useDatabase(), idParam(event, 'lesson'), body.ticks)
    return { ticks: body.ticks.length }
  },
})
