import { setResponseStatus } from 'h3'
import { importSchema } from '#shared/schemas'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { importInvestigation } from '../../queries/investigations'

export default defineRoute<{ text: string }>({
  body: importSchema,
  limit: 500_000,
  handle: async ({ event, body }) => {
    const made = await importInvestigation(useDatabase(), body.text)
    setResponseStatus(event, 201)
    return made
  },
})
