import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { getLesson } from '../../queries/lessons'

export default defineRoute({ handle: ({ event }) => getLesson(useDatabase(), idParam(event, 'lesson')) })
