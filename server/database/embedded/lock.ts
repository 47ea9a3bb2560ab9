import { closeSync, fstatSync, openSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { tryLock } from 'fs-native-extensions'
import { FolderInUse } from '../problems'

/** A folder that this process alone may write to. */
export interface FolderLock {
  /** Whether the folder still holds the file that was locked: if it was moved or replaced, another program may be in it. */
  isOwned: () => boolean
  release: () => void
}

/** The file that is locked; it stays, and so says that the folder was used. */
export const lockFile = (folder: string): string => join(folder, 'in-use.lock')

/**
 * Takes the folder for this process. The kernel holds the lock on an open file, so it needs no clock: a program that is
 * stalled or asleep keeps it, and one that was killed has let it go.
 * @throws FolderInUse while another open file holds it, in this process or another one.
 */
export function lockFolder(folder: string): FolderLock {
  const path = lockFile(folder)
  const file = openSync(path, 'a')
  if (!tryLock(file)) {
    closeSync(file)
    throw new FolderInUse(folder)
  }
  const { ino, dev } = fstatSync(file)
  let released = false
  return {
    isOwned: () => {
      const there = released ? undefined : statSync(path, { throwIfNoEntry: false })
      return there !== undefined && there.ino === ino && there.dev === dev
    },
    // Closing the file gives the lock back.
    release: () => {
      if (!released) closeSync(file)
      released = true
    },
  }
}
