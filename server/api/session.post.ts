import { signInSchema } from '#shared/schemas'
import { addressOf, deviceOf } from '../access/address'
import { setSessionSecret } from '../access/cookie'
import { useAttemptLimits } from '../access/visitor'
import { useDatabase } from '../database/client'
import { defineRoute } from '../http/defineRoute'
import { recordAudit } from '../queries/people/audit'
import { beginSession } from '../queries/people/sessions'
import { findTeacher } from '../queries/people/teachers'

/** Signs a teacher in. */
export default defineRoute({
  right: 'anyone',
  body: signInSchema,
  handle: async ({ event, body: { name, passphrase } }) => {
    const teacher = await useAttemptLimits().signIn(addressOf(event), name, () =>
      findTeacher(useDatabase(), name, passphrase),
    )
    const device = deviceOf(event)
    setSessionSecret(
      event,
      await beginSession(useDatabase(), { kind: 'teacher', teacherId: teacher.id, device }),
    )
    await recordAudit(useDatabase(), teacher.name, `signed in on a ${device}`)
    return teacher
  },
})
