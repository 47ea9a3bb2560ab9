import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listLessons } from '../../queries/lessons'

export default defineRoute({ handle: () => listLessons(useDatabase()) })
