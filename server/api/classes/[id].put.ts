import { classSchema } from '#shared/schemas'
import type { ClassInput } from '#shared/types/api'
import { useDatabase } from '../../database/client'
import { defineRoute, idParam } from '../../http/defineRoute'
import { updateClass } from '../../queries/classes'

export default defineRoute<ClassInput>({
  body: classSchema,
  handle: ({ event, body }) => updateClass(useDatabase(), idParam(event, 'class'), body),
})
