import { entriesCsv } from '#core/format'
import { testersOf } from '#core/lesson'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { getLesson } from '../../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  did: 'saved the readings of a lesson as a file',
  handle: async ({ event }) => {
    const lesson = await getLesson(useDatabase(), idParam(event, 'lesson'))
    const names = Object.fromEntries([
      ...lesson.class.groups.map((group) => [group.id, group.name] as const),
      ...testersOf(lesson.plan, lesson.class.groups).map((one) => [one.id, one.name] as const),
    ])
    return sendFile(
      event,
      'text/csv',
      `${lesson.plan.title || 'lesson'} ${lesson.date} readings.csv`,
      entriesCsv(lesson.plan, names, lesson.entries),
    )
  },
})
