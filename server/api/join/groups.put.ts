import { deviceGroupsSchema } from '#shared/schemas'
import { forgetVisitors } from '../../access/visitor'
import { useDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { chooseGroups } from '../../queries/people/joining'

/** A device says which group it is in. A teacher's is in all of them. */
export default defineRoute({
  right: 'visitor',
  body: deviceGroupsSchema,
  handle: async ({ body, visitor }) => {
    if (visitor.kind === 'sheet') await chooseGroups(useDatabase(), visitor, body.groupIds)
    forgetVisitors()
    return { groupIds: body.groupIds }
  },
})
