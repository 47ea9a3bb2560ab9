import { linkSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { recordAudit } from '../../../queries/people/audit'
import { wholeOf } from '../../../queries/people/joining'
import { makeLink } from '../../../queries/people/links'

/** Makes a link for a Board or a helper. */
export default defineRoute({
  right: 'lesson',
  body: linkSchema,
  handle: async ({ event, body: { kind }, visitor }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const secret = await makeLink(useDatabase(), lessonId, kind)
    await recordAudit(
      useDatabase(),
      visitor.name,
      `made a link for a ${kind === 'board' ? 'Board' : 'helper'}`,
    )
    return { secret }
  },
})
