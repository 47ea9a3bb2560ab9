import { calendarFileSchema } from '#shared/schemas'
import { defineRoute } from '../../http/defineRoute'
import { currentDay } from '#shared/lesson/currentDay'
import { readInThread } from '../../threads/inThread'

export default defineRoute({
  right: 'admin',
  body: calendarFileSchema,
  // Its line ends take twice their room on the way here.
  limit: 2_200_000,
  handle: ({ body }) => readInThread('readClosedDays', body.text, currentDay()),
})
