import { basename } from 'node:path'
import { useBackups } from '../../../database/backup/hourlyBackups'
import { ApiError } from '../../../http/apiError'
import { defineRoute } from '../../../http/defineRoute'
import { logProblem } from '../../../http/logProblem'

/** Makes a backup now; its name is what it is fetched by. */
export default defineRoute({
  handle: async () => {
    const backups = useBackups()
    if (!backups)
      throw new ApiError('not-found', 'The data are on a database server. Their backups are made there.')
    try {
      return { name: basename((await backups.make()).file) }
    } catch (error) {
      logProblem(error)
      throw new ApiError(
        'failed',
        'The backup could not be made, and nothing else was changed. Look whether the disk has room, then try again.',
      )
    }
  },
})
