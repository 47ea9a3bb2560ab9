import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { removeNote } from '../../../../queries/notes'

export default defineRoute({
  right: 'lesson',
  handle: async ({ event }) => {
    await removeNote(useDatabase(), idParam(event, 'lesson'), idParam(event, 'note', 'noteId'))
    return { removed: true }
  },
})
