import type { Supply } from '#core/kit'
import { supplySchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveSupply } from '../../../queries/supplies'

export default defineRoute<Supply>({
  body: supplySchema,
  handle: ({ event, body }) => saveSupply(useDatabase(), { ...body, id: idParam(event, 'thing') }),
})
