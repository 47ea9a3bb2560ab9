import { claimCheckSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { checkStatement } from '../../../../queries/checkStatement'

export default defineRoute({
  right: 'lesson',
  body: claimCheckSchema,
  handle: ({ event, body: { claim, words } }) =>
    checkStatement(useDatabase(), idParam(event, 'lesson'), claim, words),
})
