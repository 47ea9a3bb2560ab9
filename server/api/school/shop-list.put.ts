import { shopListSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { saveShopList } from '../../queries/school'

export default defineRoute({
  right: 'teacher',
  body: shopListSchema,
  handle: ({ body }) => saveShopList(useDatabase(), body.offers),
})
