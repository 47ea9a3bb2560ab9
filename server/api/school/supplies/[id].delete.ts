import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { takeOutSupply } from '../../../queries/weighed'

export default defineRoute({
  right: 'teacher',
  handle: async ({ event }) => {
    await takeOutSupply(useDatabase(), idParam(event, 'thing'))
    return { removed: true }
  },
})
