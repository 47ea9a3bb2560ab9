import { calendarSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { saveCalendar } from '../../queries/school'

export default defineRoute({
  right: 'admin',
  body: calendarSchema,
  handle: ({ body }) => saveCalendar(useDatabase(), body),
})
