import { evidenceDocument } from '#core/format'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { lessonEvidence } from '../../../queries/evidence'

export default defineRoute({
  right: 'lesson',
  did: 'saved the results of a lesson as a file',
  handle: async ({ event }) => {
    const { plan, evidence } = await lessonEvidence(useDatabase(), idParam(event, 'lesson'))
    return evidenceDocument(plan, evidence)
  },
})
