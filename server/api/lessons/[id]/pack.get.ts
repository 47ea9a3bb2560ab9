import { useDatabase } from '../../../database/client'
import { currentDay } from '#shared/lesson/currentDay'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { getPack } from '../../../queries/pack'

export default defineRoute({
  right: 'kit',
  handle: async ({ event, visitor }) => {
    const pack = await getPack(useDatabase(), idParam(event, 'lesson'), currentDay())
    // A helper packs by what the teacher has planned; what children react to is not theirs to read.
    return visitor.kind === 'teacher' ? pack : { ...pack, allergies: [] }
  },
})
