import { asMarkdown } from '#core/report'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { lessonReport } from '../../../queries/report'

export default defineRoute({
  right: 'lesson',
  did: 'saved the report of a lesson as a file',
  handle: async ({ event }) => {
    const { title, parts } = await lessonReport(useDatabase(), idParam(event, 'lesson'))
    return sendFile(event, 'text/markdown', `${title}.md`, asMarkdown(title, parts))
  },
})
