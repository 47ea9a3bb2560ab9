import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { yearsOf } from '../../queries/years'

/** What the classes have met, year by year. */
export default defineRoute({
  right: 'teacher',
  handle: ({ visitor }) => yearsOf(useDatabase(), visitor),
})
