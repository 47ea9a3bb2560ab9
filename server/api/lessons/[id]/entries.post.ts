import { entriesSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { addEntries } from '../../../queries/entries'

export default defineRoute({
  body: entriesSchema,
  limit: 400_000,
  handle: async ({ event, body }) => {
    const added = await addEntries(useDatabase(), idParam(event, 'lesson'), body.entries)
    return { added: added.map((entry) => entry.id) }
  },
})
