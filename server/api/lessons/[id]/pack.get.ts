import { useDatabase } from '../../../database/client'
import { currentDay } from '#shared/lesson/currentDay'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { getPack } from '../../../queries/pack'

export default defineRoute({
  right: 'kit',
  handle: ({ event }) => getPack(useDatabase(), idParam(event, 'lesson'), currentDay()),
})
