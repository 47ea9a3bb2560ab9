import { basename } from 'node:path'
import { getRouterParam, setResponseHeaders } from 'h3'
import { listBackups } from '../../../database/backup/backupFolder'
import { streamComplete } from '../../../database/backup/packComplete'
import { useOpenDatabase } from '../../../database/client'
import { notFound } from '../../../errors/apiError'
import { defineRoute } from '../../../http/defineRoute'

/** A backup with all its pictures in one file. */
export default defineRoute({
  right: 'admin',
  did: 'saved a backup of the whole school',
  handle: ({ event }) => {
    const { folder } = useOpenDatabase()
    const name = getRouterParam(event, 'name')
    const backup =
      folder === null ? undefined : listBackups(folder).find((one) => basename(one.file) === name)
    if (!backup) throw notFound('backup')
    setResponseHeaders(event, {
      'content-type': 'application/x-tar',
      'content-disposition': `attachment; filename="${basename(backup.file, '.tar.gz')}-complete.tar"`,
    })
    return streamComplete(backup)
  },
})
