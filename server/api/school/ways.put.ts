import { waysSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { saveWays } from '../../queries/school'

export default defineRoute({
  right: 'admin',
  body: waysSchema,
  handle: ({ body }) => saveWays(useDatabase(), body),
})
