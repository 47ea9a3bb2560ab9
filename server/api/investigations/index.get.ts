import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listInvestigations } from '../../queries/investigations'

export default defineRoute({ right: 'teacher', handle: () => listInvestigations(useDatabase()) })
