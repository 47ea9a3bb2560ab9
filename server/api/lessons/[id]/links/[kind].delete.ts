import { getRouterParam } from 'h3'
import { sendAway } from '../../../../access/sendAway'
import { useDatabase } from '../../../../database/client'
import { notFound } from '../../../../errors/apiError'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { joiningOf, wholeOf } from '../../../../queries/people/joining'
import { revokeLinks } from '../../../../queries/people/links'

/** Ends all links of a kind, and the screens that came in by them. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const kind = getRouterParam(event, 'kind')
    if (kind !== 'board' && kind !== 'assistant') throw notFound('link')
    sendAway(await revokeLinks(useDatabase(), lessonId, kind))
    return joiningOf(useDatabase(), lessonId)
  },
})
