import { setResponseStatus } from 'h3'
import { newLessonSchema } from '#shared/schemas'
import { refuseForeignClass, refuseForeignLesson } from '../../access/rights'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { createLesson } from '../../queries/lessons'

export default defineRoute({
  right: 'teacher',
  body: newLessonSchema,
  handle: async ({ event, body, visitor }) => {
    await refuseForeignClass(visitor, body.classId)
    if (body.from.kind === 'lesson' || body.from.kind === 'next')
      await refuseForeignLesson(visitor, body.from.id)
    const id = await createLesson(useDatabase(), body.classId, body.date, body.from)
    setResponseStatus(event, 201)
    return { id }
  },
})
