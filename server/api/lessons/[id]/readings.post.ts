import { readingsSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { addReadings, type NewReading } from '../../../queries/readings'

export default defineRoute<{ readings: NewReading[] }>({
  body: readingsSchema,
  handle: async ({ event, body }) => {
    const added = await addReadings(useDatabase(), idParam(event, 'lesson'), body.readings)
    return { added: added.map((reading) => reading.id) }
  },
})
