import { setResponseStatus } from 'h3'
import { pictureLimit } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { readBytes } from '../../http/readBody'
import { drawPicture, keepPicture } from '../../queries/pictures'

export default defineRoute({
  right: 'teacher',
  handle: async ({ event }) => {
    const drawn = await drawPicture(await readBytes(event, pictureLimit))
    const made = await keepPicture(useDatabase(), drawn)
    setResponseStatus(event, 201)
    return made
  },
})
