import type { JoiningDto } from '#shared/types/people'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { joiningOf, wholeOf } from '../../../queries/people/joining'

/** How devices join the lesson, and which have. */
export default defineRoute({
  right: 'watch',
  handle: async ({ event, visitor }): Promise<JoiningDto> => {
    const joining = await joiningOf(useDatabase(), await wholeOf(useDatabase(), idParam(event, 'lesson')))
    // A Board shows the code; who has come is the teacher's to know.
    return visitor.kind === 'teacher' ? joining : { ...joining, devices: [] }
  },
})
