import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listClasses } from '../../queries/classes'

export default defineRoute({ handle: () => listClasses(useDatabase()) })
