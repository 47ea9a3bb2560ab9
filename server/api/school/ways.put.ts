import type { SchoolWays } from '#core/plan'
import { waysSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { saveWays } from '../../queries/school'

export default defineRoute<SchoolWays>({
  body: waysSchema,
  handle: ({ body }) => saveWays(useDatabase(), body),
})
