import { openLinkSchema } from '#shared/schemas'
import { deviceOf } from '../../access/address'
import { setSessionSecret } from '../../access/cookie'
import { visitorOf } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { ApiError } from '../../errors/apiError'
import { defineRoute } from '../../http/defineRoute'
import { openLink } from '../../queries/people/links'

/** A screen comes in by a link: a Board, or a helper with the kit and the clock. */
export default defineRoute({
  right: 'anyone',
  body: openLinkSchema,
  handle: async ({ event, body }) => {
    const visitor = await visitorOf(event)
    // Nobody guesses a link, so no wrong one is counted.
    const opened = await openLink(useDatabase(), body.secret, deviceOf(event))
    if (!opened)
      throw new ApiError(
        'invalid',
        'This link doesn’t open anything any more. Ask the teacher for a new one.',
      )
    const { cookie, kind, lessonId } = opened
    if (visitor?.kind !== 'teacher') setSessionSecret(event, cookie)
    return { kind, lessonId }
  },
})
