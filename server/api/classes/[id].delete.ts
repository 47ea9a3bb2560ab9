import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { setClassRemoved } from '../../queries/classes'

export default defineRoute({
  right: 'class',
  did: 'removed a class',
  handle: async ({ event }) => {
    await setClassRemoved(useDatabase(), idParam(event, 'class'), true)
    return { removed: true }
  },
})
