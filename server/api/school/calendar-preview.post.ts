import { readClosedDays } from '#core/format'
import { calendarFileSchema } from '#shared/schemas'
import { defineRoute } from '../../http/defineRoute'
import { today } from '../../http/today'

export default defineRoute({
  body: calendarFileSchema,
  limit: 1_100_000,
  handle: ({ body }) => readClosedDays(body.text, today()),
})
