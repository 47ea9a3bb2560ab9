import { setResponseStatus } from 'h3'
import { investigationLetters } from '#core/format'
import { importSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { importInvestigation } from '../../queries/investigations'

export default defineRoute({
  right: 'teacher',
  body: importSchema,
  limit: 2 * investigationLetters,
  handle: async ({ event, body }) => {
    const made = await importInvestigation(useDatabase(), body.text)
    setResponseStatus(event, 201)
    return made
  },
})
