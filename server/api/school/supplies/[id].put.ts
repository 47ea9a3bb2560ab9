import { supplySchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { changeSupply } from '../../../queries/weighed'

export default defineRoute({
  right: 'teacher',
  body: supplySchema,
  handle: ({ event, body }) => changeSupply(useDatabase(), { ...body, id: idParam(event, 'thing') }),
})
