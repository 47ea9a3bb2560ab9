import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { sessionsOf } from '../../queries/people/sessions'

/** Where the teacher is signed in. */
export default defineRoute({
  right: 'teacher',
  handle: ({ visitor }) => sessionsOf(useDatabase(), visitor),
})
