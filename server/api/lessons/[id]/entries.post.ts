import { entriesSchema } from '#shared/schemas'
import { refuseOtherGroups } from '../../../access/rights'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { addEntries } from '../../../queries/entries'

export default defineRoute({
  right: 'record',
  body: entriesSchema,
  limit: 400_000,
  handle: async ({ event, body, visitor }) => {
    refuseOtherGroups(
      visitor,
      body.entries.map((entry) => entry.groupId),
    )
    const added = await addEntries(useDatabase(), idParam(event, 'lesson'), body.entries)
    return { added: added.map((entry) => entry.id) }
  },
})
