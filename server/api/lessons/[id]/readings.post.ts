import { entryFromReading } from '#core/entries'
import { oldReadingsSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { addEntries } from '../../../queries/entries'

/** The door for pages that were open before entries came: what they send is taken as entries of one field. */
export default defineRoute({
  right: 'lesson',
  body: oldReadingsSchema,
  handle: async ({ event, body }) => {
    const sent = body.readings.map(entryFromReading)
    const added = await addEntries(useDatabase(), idParam(event, 'lesson'), sent)
    return { added: added.map((entry) => entry.id) }
  },
})
