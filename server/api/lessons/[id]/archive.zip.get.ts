import { Readable } from 'node:stream'
import { getQuery } from 'h3'
import { withoutChildren } from '#core/archive'
import { firstOf } from '#core/defined'
import { useDatabase } from '../../../database/client'
import { defineRoute, idParam } from '../../../http/defineRoute'
import { nameFile } from '../../../http/sendFile'
import { archiveOf } from '../../../queries/archive/archiveOf'
import { zipArchive } from '../../../queries/archive/zipArchive'

/** The whole lesson with its pictures; `names=no` leaves out the children. */
export default defineRoute({
  right: 'lesson',
  did: 'saved a whole lesson as a file',
  handle: async ({ event }) => {
    const whole = await archiveOf(useDatabase(), idParam(event, 'lesson'))
    const archive = getQuery(event).names === 'no' ? withoutChildren(whole) : whole
    const { plan, date } = firstOf(archive.tests)
    nameFile(event, 'application/zip', `${plan.title || 'lesson'} ${date}.zip`)
    return Readable.from(zipArchive(useDatabase(), archive))
  },
})
