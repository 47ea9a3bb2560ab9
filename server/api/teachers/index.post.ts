import { setResponseStatus } from 'h3'
import { newTeacherSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { recordAudit } from '../../queries/people/audit'
import { addTeacher } from '../../queries/people/teachers'

/** Adds a teacher, with a passphrase for their first time. */
export default defineRoute({
  right: 'admin',
  body: newTeacherSchema,
  handle: async ({ event, body, visitor }) => {
    const added = await addTeacher(useDatabase(), body)
    await recordAudit(useDatabase(), visitor.name, `added ${added.name} as ${added.role}`)
    setResponseStatus(event, 201)
    return added
  },
})
