import { picturesIn, writeInvestigation } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { getLesson } from '../../../queries/lessons'
import { picturesAsText } from '../../../queries/pictures'

export default defineRoute({
  right: 'lesson',
  did: 'saved a plan as a file',
  handle: async ({ event }) => {
    const { plan } = await getLesson(useDatabase(), idParam(event, 'lesson'))
    return sendFile(
      event,
      'application/json',
      `${plan.title || 'investigation'}.json`,
      writeInvestigation(plan, await picturesAsText(useDatabase(), picturesIn(plan))),
    )
  },
})
