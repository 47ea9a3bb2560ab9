import { sendAway } from '../../access/sendAway'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { listTeachers, removeTeacher } from '../../queries/people/teachers'

/** Takes a teacher off the list and signs them out everywhere. */
export default defineRoute({
  right: 'admin',
  handle: async ({ event, visitor }) => {
    sendAway(await removeTeacher(useDatabase(), idParam(event, 'teacher'), visitor))
    return listTeachers(useDatabase())
  },
})
