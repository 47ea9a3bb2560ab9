import { teacherRoleSchema } from '#shared/schemas'
import { forgetVisitors } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { changeRole, listTeachers } from '../../queries/people/teachers'

/** Makes a teacher an admin, or an admin a teacher. */
export default defineRoute({
  right: 'admin',
  body: teacherRoleSchema,
  handle: async ({ event, body, visitor }) => {
    await changeRole(useDatabase(), idParam(event, 'teacher'), body.role, visitor.name)
    forgetVisitors()
    return listTeachers(useDatabase())
  },
})
