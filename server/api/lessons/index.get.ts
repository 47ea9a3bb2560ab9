import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listLessons } from '../../queries/lessons'
import { classesOf } from '../../queries/people/classAccess'

export default defineRoute({
  right: 'teacher',
  handle: ({ visitor }) => listLessons(useDatabase(), classesOf(visitor)),
})
