import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { removeSupply } from '../../../queries/supplies'

export default defineRoute({
  handle: async ({ event }) => {
    await removeSupply(useDatabase(), idParam(event, 'thing'))
    return { removed: true }
  },
})
