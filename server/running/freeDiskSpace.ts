import { statfs } from 'node:fs/promises'

/** Below this much free space, in bytes, the Desk warns: room for some days of readings, photos and backups. */
export const lowDiskSpace = 1_000_000_000

/** What is free on the disk of a folder, in bytes. */
export async function freeDiskSpace(folder: string): Promise<number> {
  const { bavail, bsize } = await statfs(folder)
  return bavail * bsize
}
