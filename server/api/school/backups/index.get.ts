import { basename } from 'node:path'
import type { BackupsDto } from '#shared/types/machine'
import { listBackups } from '../../../database/backup/backupFolder'
import { useBackups } from '../../../database/backup/hourlyBackups'
import { useOpenDatabase } from '../../../database/client'
import { defineRoute } from '../../../http/defineRoute'

/** The backups that there are, newest first. */
export default defineRoute({
  right: 'admin',
  handle: (): BackupsDto => {
    const { folder } = useOpenDatabase()
    const backups = useBackups()
    if (folder === null || !backups) return { here: false, failed: false, backups: [] }
    return {
      here: true,
      failed: backups.failed(),
      backups: listBackups(folder)
        .reverse()
        .map(({ file, manifest: { made, lessons } }) => ({ name: basename(file), made, lessons })),
    }
  },
})
