import { clearVisitorCache } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { useHub } from '../../live/hub'
import { listTeachers, removeTeacher } from '../../queries/people/teachers'

/** Takes a teacher off the list and signs them out everywhere. */
export default defineRoute({
  right: 'admin',
  handle: async ({ event, visitor }) => {
    useHub().disconnect(await removeTeacher(useDatabase(), idParam(event, 'teacher'), visitor))
    clearVisitorCache()
    return listTeachers(useDatabase())
  },
})
