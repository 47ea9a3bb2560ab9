import { setResponseStatus } from 'h3'
import { pictureLimit } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { readBytes } from '../../http/readBody'
import { savePicture } from '../../queries/pictures'

export default defineRoute({
  handle: async ({ event }) => {
    const made = await savePicture(useDatabase(), await readBytes(event, pictureLimit))
    setResponseStatus(event, 201)
    return made
  },
})
