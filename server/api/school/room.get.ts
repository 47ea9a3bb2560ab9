import type { RoomDto } from '#shared/types/api'
import { useOpenDatabase } from '../../database/client'
import { defineRoute } from '../../http/defineRoute'
import { freeRoom, littleRoom } from '../../running/freeRoom'

/** Whether the disk has room for what is still to come. */
export default defineRoute({
  handle: async (): Promise<RoomDto> => {
    const { folder } = useOpenDatabase()
    if (folder === null) return { free: null, low: false }
    const free = await freeRoom(folder)
    return { free, low: free < littleRoom }
  },
})
