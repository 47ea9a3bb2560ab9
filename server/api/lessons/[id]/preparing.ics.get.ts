import { tasksCalendar } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sendFile } from '../../../http/sendFile'
import { preparingOf } from '../../../queries/week'

export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    const id = idParam(event, 'lesson')
    const { title, date, tasks, readingDays } = await preparingOf(useDatabase(), id)
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
    // The first day is the lesson itself.
    const readings = readingDays.slice(1).map((day, index) => ({
      id: `${id}-read-${index + 2}`,
      day,
      title: `Read: ${title}`,
      about: `Day ${index + 2} of ${readingDays.length}.`,
    }))
    return sendFile(
      event,
      'text/calendar',
      `${title} ${date}.ics`,
      tasksCalendar([...entries, ...readings], new Date().toISOString()),
    )
  },
})
