import { cupboardSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { saveCupboard } from '../../queries/school'

export default defineRoute({
  right: 'teacher',
  body: cupboardSchema,
  handle: ({ body }) => saveCupboard(useDatabase(), body.cupboard),
})
