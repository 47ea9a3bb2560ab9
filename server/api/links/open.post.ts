import { openLinkSchema } from '#shared/schemas'
import { addressOf, deviceOf } from '../../access/address'
import { setSessionSecret } from '../../access/cookie'
import { signInMode, useAttemptLimits, visitorOf } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { openLink } from '../../queries/people/links'

/** A screen comes in by a link: a Board, or a helper with the kit and the clock. */
export default defineRoute({
  right: 'anyone',
  body: openLinkSchema,
  handle: async ({ event, body }) => {
    const visitor = (await signInMode()) === null ? null : await visitorOf(event)
    const { cookie, kind, lessonId } = await useAttemptLimits().join(addressOf(event), () =>
      openLink(useDatabase(), body.secret, deviceOf(event)),
    )
    if (visitor?.kind !== 'teacher') setSessionSecret(event, cookie)
    return { kind, lessonId }
  },
})
