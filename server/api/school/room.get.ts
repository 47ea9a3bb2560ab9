import type { RoomDto } from '#shared/types/api'
import { useOpenDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { freeRoom, littleRoom } from '../../running/freeDiskSpace'
import { damageSaid } from '../../running/watchDamage'

/** Whether the disk has room for what is still to come. */
export default defineRoute({
  handle: async (): Promise<RoomDto> => {
    const { folder } = useOpenDatabase()
    if (folder === null) return { free: null, low: false, damage: null }
    const free = await freeRoom(folder)
    return { free, low: free < littleRoom, damage: damageSaid() }
  },
})
