import { basename } from 'node:path'
import { defineEventHandler, getRouterParam, setResponseHeaders, setResponseStatus } from 'h3'
import { listBackups } from '../../../database/backup/backupFolder'
import { streamComplete } from '../../../database/backup/packComplete'
import { useOpenDatabase } from '../../../database/client'
import { notFound, statusOf } from '../../../errors/apiError'

/** A backup with all its pictures in one file. */
export default defineEventHandler((event) => {
  const { folder } = useOpenDatabase()
  const name = getRouterParam(event, 'name')
  const backup = folder === null ? undefined : listBackups(folder).find((one) => basename(one.file) === name)
  if (!backup) {
    const problem = notFound('backup')
    setResponseStatus(event, statusOf[problem.code])
    return problem.toBody()
  }
  setResponseHeaders(event, {
    'content-type': 'application/x-tar',
    'content-disposition': `attachment; filename="${basename(backup.file, '.tar.gz')}-complete.tar"`,
  })
  return streamComplete(backup)
})
