import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { rolesIn } from '../../../queries/roles'

export default defineRoute({ handle: ({ event }) => rolesIn(useDatabase(), idParam(event, 'lesson')) })
