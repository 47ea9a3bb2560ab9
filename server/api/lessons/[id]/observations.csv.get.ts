import { observationsCsv } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { getLesson } from '../../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  did: 'saved the observations of a lesson as a file',
  handle: async ({ event }) => {
    const lesson = await getLesson(useDatabase(), idParam(event, 'lesson'))
    const names = Object.fromEntries(lesson.class.groups.map((group) => [group.id, group.name]))
    return sendFile(
      event,
      'text/csv',
      `${lesson.plan.title || 'lesson'} ${lesson.date} observations.csv`,
      observationsCsv(lesson.plan, names, lesson.observations),
    )
  },
})
