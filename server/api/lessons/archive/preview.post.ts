import { archiveBytes } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute } from '../../../http/defineRoute'
import { readBytes } from '../../../http/readBody'
import { openArchive } from '../../../queries/archive/openArchive'
import { previewArchive } from '../../../queries/archive/restoreLesson'

export default defineRoute({
  right: 'teacher',
  handle: async ({ event, visitor }) =>
    previewArchive(useDatabase(), visitor, await openArchive(await readBytes(event, archiveBytes))),
})
