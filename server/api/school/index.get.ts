import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { getSchool } from '../../queries/school'

export default defineRoute({ handle: () => getSchool(useDatabase()) })
