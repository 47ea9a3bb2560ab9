import { setResponseHeader } from 'h3'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { getPicture } from '../../queries/pictures'

export default defineRoute({
  handle: async ({ event }) => {
    const { type, bytes } = await getPicture(useDatabase(), idParam(event, 'picture'))
    setResponseHeader(event, 'content-type', type)
    // A picture never changes: another one gets another identifier.
    setResponseHeader(event, 'cache-control', 'private, max-age=31536000, immutable')
    return Buffer.from(bytes)
  },
})
