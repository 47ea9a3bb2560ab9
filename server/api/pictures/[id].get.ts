import { setResponseHeader } from 'h3'
import { useDatabase } from '../../database/client'
import { notFound } from '../../errors/apiError'
import { defineRoute, idParam } from '../../http/defineRoute'
import { maySeePicture } from '../../queries/people/pictureAccess'
import { getPicture } from '../../queries/pictures'

export default defineRoute({
  right: 'visitor',
  handle: async ({ event, visitor }) => {
    const id = idParam(event, 'picture')
    if (!(await maySeePicture(useDatabase(), visitor, id))) throw notFound('picture')
    const { type, bytes, observed } = await getPicture(useDatabase(), id)
    setResponseHeader(event, 'content-type', type)
    // A picture never changes: another one gets another identifier. What may be deleted for good stays on no device.
    const kept = observed ? 'no-store' : 'max-age=31536000, immutable'
    setResponseHeader(event, 'cache-control', `private, ${kept}`)
    return Buffer.from(bytes)
  },
})
