import { useDatabase } from '../../../database/client'
import { defineRoute } from '../../../http/defineRoute'
import { listSupplies } from '../../../queries/supplies'

export default defineRoute({ right: 'teacher', handle: () => listSupplies(useDatabase()) })
