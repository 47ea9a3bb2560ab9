import { classSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { changeClass } from '../../queries/weighed'

export default defineRoute({
  right: 'class',
  body: classSchema,
  handle: ({ event, body }) => changeClass(useDatabase(), idParam(event, 'class'), body),
})
