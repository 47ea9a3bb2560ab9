import type { RoomDto } from '#shared/types/api'
import { useOpenDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { freeDiskSpace, lowDiskSpace } from '../../running/freeDiskSpace'
import { damageSaid } from '../../running/watchDamage'

/** Whether the disk has room for what is still to come. */
export default defineRoute({
  right: 'teacher',
  handle: async (): Promise<RoomDto> => {
    const { folder } = useOpenDatabase()
    if (folder === null) return { free: null, low: false, damage: null }
    const free = await freeDiskSpace(folder)
    return { free, low: free < lowDiskSpace, damage: damageSaid() }
  },
})
