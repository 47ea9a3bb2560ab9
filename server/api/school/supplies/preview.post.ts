import { suppliesFileSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute } from '../../../http/defineRoute'
import { listSupplies } from '../../../queries/supplies'
import { readInThread } from '../../../threads/inThread'

export default defineRoute({
  right: 'teacher',
  body: suppliesFileSchema,
  limit: 300_000,
  handle: async ({ body }) => readInThread('previewSupplies', body.csv, await listSupplies(useDatabase())),
})
