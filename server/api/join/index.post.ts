import { joinSchema } from '#shared/schemas'
import type { JoinedDto } from '#shared/types/people'
import { addressOf, deviceOf } from '../../access/address'
import { setSessionSecret } from '../../access/cookie'
import { sendAway } from '../../access/sendAway'
import { useAttemptLimits, visitorOf } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { joinableGroups, joinLesson, lessonOfCode } from '../../queries/people/joining'
import { endSessions } from '../../queries/people/sessions'
import { readCode } from '../../queries/people/secrets'

/** A device joins a lesson with the code that it was shown. */
export default defineRoute({
  right: 'anyone',
  body: joinSchema,
  handle: async ({ event, body }): Promise<JoinedDto> => {
    const visitor = await visitorOf(event)
    const code = readCode(body.code)
    const lessonId = await useAttemptLimits().join(addressOf(event), async () =>
      code === null ? null : lessonOfCode(useDatabase(), code),
    )
    // A teacher looks at a Sheet as a teacher; a device that is in already stays as it is.
    const isIn = visitor?.kind === 'sheet' && visitor.lessonId === lessonId
    if (visitor?.kind !== 'teacher' && !isIn) {
      // In another lesson it is no longer.
      if (visitor) sendAway(await endSessions(useDatabase(), [visitor.sessionId]))
      setSessionSecret(event, await joinLesson(useDatabase(), lessonId, deviceOf(event)))
    }
    return joinableGroups(useDatabase(), lessonId)
  },
})
