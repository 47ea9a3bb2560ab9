import { suppliesCsv } from '#core/format'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { sendFile } from '../../http/sendFile'
import { listSupplies } from '../../queries/supplies'

export default defineRoute({
  right: 'teacher',
  did: 'saved the store cupboard as a file',
  handle: async ({ event }) =>
    sendFile(event, 'text/csv', 'store cupboard.csv', suppliesCsv(await listSupplies(useDatabase()))),
})
