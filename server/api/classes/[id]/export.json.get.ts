import { Readable } from 'node:stream'
import { setResponseHeaders } from 'h3'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { getClass } from '../../../queries/classes'
import { exportClass } from '../../../queries/people/exportClass'

/** All that is held about a class, in one file. */
export default defineRoute({
  right: 'class',
  did: 'saved all that is held about a class as a file',
  handle: async ({ event }) => {
    const id = idParam(event, 'class')
    await getClass(useDatabase(), id, true)
    setResponseHeaders(event, {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': 'attachment; filename="class-record.json"',
    })
    return Readable.from(exportClass(useDatabase(), id))
  },
})
