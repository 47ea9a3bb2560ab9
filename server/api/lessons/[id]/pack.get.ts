import { useDatabase } from '../../../database/client'
import { today } from '../../../http/today'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { getPack } from '../../../queries/pack'

export default defineRoute({
  handle: ({ event }) => getPack(useDatabase(), idParam(event, 'lesson'), today()),
})
