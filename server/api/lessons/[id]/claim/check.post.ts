import { checkClaim } from '#core/conclusion'
import { claimCheckSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { weighedLesson } from '../../../../queries/evidence'

export default defineRoute({
  body: claimCheckSchema,
  handle: async ({ event, body: { claim, words } }) => {
    const { plan, evidence } = await weighedLesson(useDatabase(), idParam(event, 'lesson'))
    return checkClaim(plan, claim, evidence, words)
  },
})
