import { conclusionSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveConclusion } from '../../../queries/lessons'

export default defineRoute({
  right: 'lesson',
  body: conclusionSchema,
  handle: ({ event, body }) => saveConclusion(useDatabase(), idParam(event, 'lesson'), body),
})
