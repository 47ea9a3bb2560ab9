import { shopListCsv } from '#core/format'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { sendFile } from '../../http/sendFile'
import { getShopList } from '../../queries/school'

export default defineRoute({
  right: 'teacher',
  did: 'saved the shop list as a file',
  handle: async ({ event }) =>
    sendFile(event, 'text/csv', 'shop list.csv', shopListCsv(await getShopList(useDatabase()))),
})
