import { entriesSchema } from '#shared/schemas'
import { refuseOtherRecords } from '../../../access/rights'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { addEntries } from '../../../queries/entries'

export default defineRoute({
  right: 'record',
  body: entriesSchema,
  limit: 400_000,
  handle: async ({ event, body, visitor }) => {
    refuseOtherRecords(
      visitor,
      body.entries.map(({ groupId, takenAt }) => ({ groupId, at: takenAt })),
    )
    const added = await addEntries(useDatabase(), idParam(event, 'lesson'), body.entries)
    return { added: added.map((entry) => entry.id) }
  },
})
