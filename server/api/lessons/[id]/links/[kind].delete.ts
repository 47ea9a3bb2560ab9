import { getRouterParam } from 'h3'
import { clearVisitorCache } from '../../../../access/visitor'
import { useDatabase } from '../../../../database/client'
import { notFound } from '../../../../errors/apiError'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { useHub } from '../../../../live/hub'
import { joiningOf, wholeOf } from '../../../../queries/people/joining'
import { revokeLinks } from '../../../../queries/people/links'

/** Ends all links of a kind, and the screens that came in by them. */
export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    const lessonId = await wholeOf(useDatabase(), idParam(event, 'lesson'))
    const kind = getRouterParam(event, 'kind')
    if (kind !== 'board' && kind !== 'assistant') throw notFound('link')
    useHub().disconnect(await revokeLinks(useDatabase(), lessonId, kind))
    clearVisitorCache()
    return joiningOf(useDatabase(), lessonId)
  },
})
