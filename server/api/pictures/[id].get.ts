import { setResponseHeader } from 'h3'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { getPicture } from '../../queries/pictures'

export default defineRoute({
  handle: async ({ event }) => {
    const { type, bytes, observed } = await getPicture(useDatabase(), idParam(event, 'picture'))
    setResponseHeader(event, 'content-type', type)
    // A picture never changes: another one gets another identifier. What may be deleted for good stays on no device.
    const kept = observed ? 'no-store' : 'max-age=31536000, immutable'
    setResponseHeader(event, 'cache-control', `private, ${kept}`)
    return Buffer.from(bytes)
  },
})
