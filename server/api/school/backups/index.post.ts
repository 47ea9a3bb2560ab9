import { basename } from 'node:path'
import { useBackups } from '../../../database/backup/hourlyBackups'
import { ApiError } from '../../../errors/apiError'
import { defineRoute } from '../../../http/defineRoute'
import { logProblem } from '../../../errors/logProblem'

/** Makes a backup now; its name is what it is fetched by. */
export default defineRoute({
  right: 'admin',
  did: 'made a backup',
  handle: async () => {
    const backups = useBackups()
    if (!backups) throw new ApiError('not-found', 'Your data is on a database server. Back it up there.')
    try {
      return { name: basename((await backups.make()).file) }
    } catch (error) {
      logProblem(error)
      throw new ApiError(
        'failed',
        'We couldn’t make the backup. Nothing else was changed. Check that the disk has room, then try again.',
      )
    }
  },
})
