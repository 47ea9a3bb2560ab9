import { setUpSchema } from '#shared/schemas'
import { deviceOf, isLocalRequest } from '../access/address'
import { setSessionSecret } from '../access/cookie'
import { forgetVisitors } from '../access/visitor'
import { useDatabase } from '../database/client'
import { ApiError } from '../errors/apiError'
import { defineRoute } from '../http/defineRoute'
import { beginSignIn, serveThisDeviceOnly } from '../queries/people/schoolAccess'
import { beginSession } from '../queries/people/sessions'

/** The first start: how people come in. Only at the school's machine, and only until somebody has signed in there. */
export default defineRoute({
  right: 'anyone',
  body: setUpSchema,
  handle: async ({ event, body: { schoolName, teacher } }) => {
    if (!isLocalRequest(event))
      throw new ApiError(
        'not-allowed',
        'A school is set up at its own machine: open Jolly Beaker there, at http://localhost.',
      )
    if (teacher) {
      const { id: teacherId } = await beginSignIn(useDatabase(), schoolName, teacher)
      const session = { kind: 'teacher', teacherId, device: deviceOf(event) } as const
      setSessionSecret(event, await beginSession(useDatabase(), session))
    } else await serveThisDeviceOnly(useDatabase(), schoolName)
    forgetVisitors()
    return { signIn: teacher ? ('on' as const) : ('off' as const) }
  },
})
