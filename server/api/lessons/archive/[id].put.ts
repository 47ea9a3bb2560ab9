import { archiveBytes } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { readBytes } from '../../../http/readBody'
import { openArchive } from '../../../queries/archive/openArchive'
import { restoreLesson } from '../../../queries/archive/restoreLesson'

/** Takes in a lesson file as a new lesson of this identifier; sent twice, it is made once. */
export default defineRoute({
  right: 'teacher',
  did: 'restored a lesson from a file',
  handle: async ({ event, visitor }) => {
    const opened = await openArchive(await readBytes(event, archiveBytes))
    return restoreLesson(useDatabase(), visitor, opened, idParam(event, 'lesson'))
  },
})
