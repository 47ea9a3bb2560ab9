import { noteSchema } from '#shared/schemas'
import { useDatabase } from '../../../../database/client'
import { defineRoute, idParam } from '../../../../http/defineRoute'
import { saveNote } from '../../../../queries/notes'

export default defineRoute({
  right: 'lesson',
  body: noteSchema,
  handle: ({ event, body }) =>
    saveNote(useDatabase(), idParam(event, 'lesson'), { ...body, id: idParam(event, 'note', 'noteId') }),
})
