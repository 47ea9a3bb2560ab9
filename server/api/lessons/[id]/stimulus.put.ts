import { stimulusSchema } from '#shared/schemas'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { saveStimulus } from '../../../queries/notes'

export default defineRoute({
  right: 'lesson',
  body: stimulusSchema,
  handle: ({ event, body }) => saveStimulus(useDatabase(), idParam(event, 'lesson'), body),
})
