import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { listAudit } from '../../queries/people/audit'

/** Who came in, and who changed, took out or deleted what. */
export default defineRoute({ right: 'admin', handle: () => listAudit(useDatabase()) })
