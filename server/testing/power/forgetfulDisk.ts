import { fstatSync, ftruncateSync, readSync, openSync, closeSync, writeSync } from 'node:fs'
import { join } from 'node:path'
import type { Random } from '../../../core/random'
import { SyncedFiles, type NodeFiles } from '../../database/embedded/syncedFiles'

/** A write that the disk may still forget, with what stood there before. */
interface Unsynced {
  path: string
  position: number
  before: Uint8Array
  sizeBefore: number
}

/**
 * A disk that forgets whatever was not synced. The power goes at a given write, in the middle of whatever the database is doing; then
 * each write that was not synced is there or is not, or only half of it, by chance.
 */
export class ForgetfulDisk extends SyncedFiles {
  private unsynced: Unsynced[] = []
  private writes = 0

  /** @param gone ends the program, then and there; nothing that it was doing goes on */
  constructor(
    folder: string,
    private readonly cutAtWrite: number,
    private readonly syncs: boolean,
    private readonly gone: () => never,
  ) {
    super(folder)
  }

  protected override prepare(files: NodeFiles): void {
    super.prepare(files)
    this.followNames(files)
    const { write } = files.stream_ops
    files.stream_ops.write = (file, buffer, offset, length, position) => {
      if (file.nfd !== undefined)
        files.tryFSOperation(() => this.remember(files.realPath(file.node), length, position))
      return write(file, buffer, offset, length, position)
    }
  }

  /** What was not synced of a file that is deleted or replaced is nobody's any more. */
  private followNames(files: NodeFiles): void {
    const { rename, unlink } = files.node_ops
    files.node_ops.rename = (node, parent, name) => {
      const [from, to] = [files.realPath(node), join(files.realPath(parent), name)]
      rename(node, parent, name)
      this.unsynced = this.unsynced.filter((one) => one.path !== to)
      for (const one of this.unsynced) if (one.path === from) one.path = to
    }
    files.node_ops.unlink = (parent, name) => {
      const path = join(files.realPath(parent), name)
      unlink(parent, name)
      this.unsynced = this.unsynced.filter((one) => one.path !== path)
    }
  }

  private remember(path: string, length: number, position: number): void {
    this.writes++
    if (this.writes >= this.cutAtWrite) this.gone()
    const descriptor = openSync(path, 'r')
    const before = new Uint8Array(length)
    const sizeBefore = fstatSync(descriptor).size
    const read = readSync(descriptor, before, 0, length, position)
    closeSync(descriptor)
    this.unsynced.push({ path, position, before: before.subarray(0, read), sizeBefore })
  }

  protected override syncFile(_descriptor: number, path: string): void {
    if (this.syncs) this.unsynced = this.unsynced.filter((one) => one.path !== path)
  }

  /** Folders are synced as they change, so what they list is kept. */
  protected override syncFolder(): void {}

  /** Leaves on the disk what it would hold when the power is back. */
  forget(random: Random): void {
    for (const { path, position, before, sizeBefore } of this.unsynced.reverse()) {
      const chance = random()
      if (chance < 0.3) continue
      let descriptor: number
      try {
        descriptor = openSync(path, 'r+')
      } catch {
        // It was deleted or renamed since, and the list of its folder was kept.
        continue
      }
      // A sector at a time: of a torn write the first half is there.
      const from = chance < 0.5 ? Math.floor(before.length / 1024) * 512 : 0
      writeSync(descriptor, before, from, before.length - from, position + from)
      if (chance >= 0.5 && fstatSync(descriptor).size > sizeBefore) ftruncateSync(descriptor, sizeBefore)
      closeSync(descriptor)
    }
    this.unsynced = []
  }
}
