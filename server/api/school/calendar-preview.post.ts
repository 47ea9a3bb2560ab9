import { calendarFileSchema } from '#shared/schemas'
import { defineRoute } from '../../http/defineRoute'
import { today } from '../../http/today'
import { readInThread } from '../../threads/inThread'

export default defineRoute({
  body: calendarFileSchema,
  limit: 1_100_000,
  handle: ({ body }) => readInThread('readClosedDays', body.text, today()),
})
