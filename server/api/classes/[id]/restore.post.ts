import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { getClass, setClassRemoved } from '../../../queries/classes'

export default defineRoute({
  right: 'class',
  did: 'put a class back',
  handle: async ({ event }) => {
    const id = idParam(event, 'class')
    await setClassRemoved(useDatabase(), id, false)
    return getClass(useDatabase(), id)
  },
})
