import { tasksCalendar } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { preparingOf } from '../../../queries/week'

export default defineRoute({
  handle: async ({ event }) => {
    const id = idParam(event, 'lesson')
    const { title, date, tasks } = await preparingOf(useDatabase(), id)
    const entries = tasks.flatMap((task) =>
      task.day === null
        ? []
        : [
            {
              id: `${id}-${task.id}`,
              day: task.day,
              title: task.what,
              about: `${title}, ${date}. ${task.note}`.trim(),
            },
          ],
    )
    return sendFile(
      event,
      'text/calendar',
      `${title} ${date}.ics`,
      tasksCalendar(entries, new Date().toISOString()),
    )
  },
})
