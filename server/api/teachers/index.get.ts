import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listTeachers } from '../../queries/people/teachers'

/** The teachers of the school: colleagues to share a class with. */
export default defineRoute({ right: 'teacher', handle: () => listTeachers(useDatabase()) })
