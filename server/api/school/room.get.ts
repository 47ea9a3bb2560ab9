import type { RoomDto } from '#shared/types/machine'
import { currentDay } from '#shared/lesson/currentDay'
import { useDatabase, useOpenDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { picturesGoing } from '../../queries/oldPictures'
import { freeDiskSpace, lowDiskSpace } from '../../running/freeDiskSpace'
import { damageSaid } from '../../running/watchDamage'

/** Whether the disk has room for what is still to come. */
export default defineRoute({
  right: 'teacher',
  handle: async (): Promise<RoomDto> => {
    const { folder } = useOpenDatabase()
    const pictures = await picturesGoing(useDatabase(), currentDay())
    if (folder === null) return { free: null, low: false, damage: null, pictures }
    const free = await freeDiskSpace(folder)
    return { free, low: free < lowDiskSpace, damage: damageSaid(), pictures }
  },
})
