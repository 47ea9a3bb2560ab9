import { evidenceDocument } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { lessonEvidence } from '../../../queries/evidence'

export default defineRoute({
  handle: async ({ event }) => {
    const { plan, evidence } = await lessonEvidence(useDatabase(), idParam(event, 'lesson'))
    return evidenceDocument(plan, evidence)
  },
})
