import { evidenceDocument } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { weighedLesson } from '../../../queries/evidence'

export default defineRoute({
  handle: async ({ event }) => {
    const { plan, evidence } = await weighedLesson(useDatabase(), idParam(event, 'lesson'))
    return evidenceDocument(plan, evidence)
  },
})
