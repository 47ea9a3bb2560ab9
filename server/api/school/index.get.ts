import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { getSchool } from '../../queries/school'

export default defineRoute({ right: 'teacher', handle: () => getSchool(useDatabase()) })
