import { previewSupplies } from '#core/format'
import { suppliesFileSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute } from '../../../http/defineRoute'
import { listSupplies } from '../../../queries/supplies'

export default defineRoute({
  body: suppliesFileSchema,
  limit: 300_000,
  handle: async ({ body }) => previewSupplies(body.csv, await listSupplies(useDatabase())),
})
