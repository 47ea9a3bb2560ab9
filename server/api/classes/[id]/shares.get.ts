import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { sharesOf } from '../../../queries/people/classAccess'

/** Whose the class is, and with whom it is shared. */
export default defineRoute({
  right: 'class',
  handle: ({ event }) => sharesOf(useDatabase(), idParam(event, 'class')),
})
