import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listClasses } from '../../queries/classes'
import { classesOf } from '../../queries/people/classAccess'

export default defineRoute({
  right: 'teacher',
  handle: ({ visitor }) => listClasses(useDatabase(), classesOf(visitor)),
})
